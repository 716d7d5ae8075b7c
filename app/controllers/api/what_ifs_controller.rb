module Api
  # What the ladder of a document says while one of its figures goes over a range, or two of them; and how far each of
  # them may go. Told line by line as it is found. Nothing is kept.
  class WhatIfsController < BaseController
    include LineByLine
    include TellsFaults

    self.policy = LookPolicy

    MOST_S = 30.0
    Input = DustLadder::Advice::Input

    # Without an input: the limits of all. With one and its range: its strip. With another beside: the map of both.
    def create
      base = DustLadder::Advice::Base.new(document, house: OwnHouse.of(document))
      inputs = Input.all(base.lift)
      return tell { |line| limits(base, inputs, line) } unless body["input"]

      input, range = asked(inputs, "input", %w[from to])
      what = DustLadder::Advice::WhatIf.new(base, input, *range)
      return tell { |line| strip(what, line) } unless body["other"]

      other, rows = asked(inputs, "other", %w[other_from other_to])
      refuse_same if other.id == input.id
      tell { |line| map(what, input, other, rows, line) }
    end

    private

    def document = @document ||= super

    def asked(inputs, key, ends)
      input = Input.named(inputs, body[key], "/#{key}")
      [ input, input.range(*ends.map { |name| body[name].to_s }, names: ends) ]
    end

    def refuse_same = refuse_asked("/other", "this is the same figure", "another one")

    def tell
      line_by_line(most_s: MOST_S, cut: ->(why) { line(cut: why) }) { |send| yield ->(**told) { send.(line(**told)) } }
    end

    # Every line has all of them; nil for what it does not tell.
    def line(inputs: nil, aside: nil, limit: nil, look: nil, strip: nil, row: nil, cut: nil, done: false)
      { inputs:, aside:, limit:, look:, strip:, row:, cut:, done: }
    end

    def limits(base, inputs, line)
      line.(inputs: inputs.map(&:as_json), aside: base.aside)
      DustLadder::Advice::Limits.new(base).each { |limit| line.(limit: limit.as_json) }
      line.(done: true)
    end

    def strip(what, line)
      what.each_look { |look| line.(look: { value: look.value, verdict: look.verdict, rung: look.rung }) }
      line.(strip: what.told, done: true)
    end

    def map(what, input, other, rows, line)
      what.each_row(other, *rows) do |value, columns, cells|
        row = { value: value, shown: other.figure(value).as_json, columns: columns, cells: cells }
        line.(row: row)
      end
      line.(done: true)
    end
  end
end
