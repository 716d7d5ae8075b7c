RSpec.describe "Files that are not plans" do
  def outcome(text)
    DustLadder::PlanFile.read(text)
    :read
  rescue DustLadder::PlanFile::Invalid => error
    expect(error.errors).not_to be_empty
    expect(error.errors.map(&:keys).uniq).to eq([ %w[pointer message expected] ])
    :refused
  end

  it "are refused wherever they are cut off" do
    text = DustLadder::PlanFile.write(plan)
    (0...text.length - 2).step(97).each { |length| expect(outcome(text[0, length])).to eq(:refused) }
  end

  it "are refused or read, and never crash, with any one value replaced by another kind" do
    places = leaves(plan)
    odd = [ nil, 7, -1.5, "x", [], {}, true, "9" * 500 ]
    places.each_with_index do |path, at|
      odd.values_at(at % 8, (at + 3) % 8, (at + 5) % 8).each do |value|
        document = JSON.parse(JSON.generate(plan))
        path[0..-2].reduce(document) { |place, key| place[key] }[path.last] = value
        DustLadder.check(document) if outcome(JSON.generate(document)) == :read
      end
    end
  end

  it "are refused with any one key taken away" do
    containers(plan).each do |path, key|
      document = JSON.parse(JSON.generate(plan))
      path.reduce(document) { |place, step| place[step] }.delete(key)
      expect([ path, key, outcome(JSON.generate(document)) ]).to eq([ path, key, :refused ])
    end
  end

  # Paths of every value outside the rule set, whose many values are alike.
  def leaves(data, path = [])
    return [] if path.include?("rule_sets") || path.include?("tables")

    case data
    when Hash
      data.flat_map { |key, value| leaves(value, path + [ key ]) } + (path.empty? ? [] : [ path ])
    when Array
      data.each_with_index.flat_map { |value, index| leaves(value, path + [ index ]) }
    else
      [ path ]
    end
  end

  OPTIONAL = %w[
    hook by_word ground power_lines obstacles crew says by on until lines looked surroundings surface load_end wll level
    side_pull
    wind
  ].freeze

  # Paths of every object whose keys are all needed, with each of its keys.
  def containers(data, path = [])
    return [] if path.include?("snapshots") || %w[as_rigged hook].include?(path.last)

    # These may be left out; what they then leave open is not known.
    own = data.is_a?(Hash) ? (data.keys - OPTIONAL).map { |key| [ path, key ] } : []
    children =
      if data.is_a?(Hash)
        data.to_a
      else
        (data.is_a?(Array) ? data.each_with_index.map { |value, index| [ index, value ] } : [])
      end
    own + children.flat_map { |key, value| containers(value, path + [ key ]) }
  end
end
