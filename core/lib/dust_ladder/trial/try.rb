module DustLadder
  module Trial
    # What was read and seen at one try, as it was typed beside the load. Masses in kg, lengths in m, degrees as of
    # Statics::Pose: along, + where the +x end is low; across, + where the +y side is high.
    #
    # data: { "cells" => [text, "dead" or nil, one a leg], "indicator" => text or nil, "shows" => "with_block" or
    # "without_block", "along" => text, "across" => text, "lengths" => [text or nil, one a leg], "tight" => "yes",
    # "no" or nil, "slack" => [indexes of legs], "brakes" => "held", "slipped" or nil, "swing" => "none", "some",
    # "much" or nil, "up" => text, "held" => seconds }. Whatever was not looked at is nil or left out.
    class Try
      DEAD = "dead"
      SAID = {
        "shows" => Load::Indicated::SHOWS,
        "tight" => %w[yes no],
        "brakes" => %w[held slipped],
        "swing" => %w[none some much]
      }.freeze
      MOST_KG = 5e6
      MOST_DEG = 60.0
      MOST_M = 200.0
      NAMES = %w[cells indicator along across lengths slack up held].freeze

      attr_reader :data

      # lift: the Lift that the try was of. data: as above.
      def initialize(lift, data)
        @lift = lift
        @data = data.is_a?(Hash) ? data : {}
        @names = lift.load.points.map(&:name)
      end

      # Of the legs' points, in the plan's order.
      attr_reader :names

      # What cannot be so, each { "pointer", "message", "expected" }.
      def faults
        @faults ||= [
          *unknown_names,
          *SAID.flat_map { |name, words| not_said(name, words) },
          *lists,
          *fields.filter_map(&:problem).map { |one| one.slice("pointer", "message", "expected") },
          *slack_faults
        ]
      end

      # kg by leg; nil where it was not read, or its cell is dead.
      def cells = @cells ||= list("cells").map { |field| field&.known? ? field.value : nil }
      def dead = list_of("cells").each_index.select { |index| list_of("cells")[index] == DEAD }
      def cells? = list_of("cells").any?
      def indicated = known(indicator)
      def with_block? = data["shows"] == "with_block"
      def along = known(field("along", :angle, "the tilt along", within: MOST_DEG))
      def across = known(field("across", :angle, "the tilt across", within: MOST_DEG))
      def tilt? = !along.nil? && !across.nil?

      # Off plumb, degrees; nil where it was not read both ways.
      def tilt
        return unless tilt?

        a, b = [ along, across ].map { |deg| deg * Hanging::DEG }
        Math.acos((Math.cos(a) * Math.cos(b)).clamp(-1.0, 1.0)) / Hanging::DEG
      end

      # Lengths of the legs then, m, where they were told; else nil.
      def lengths = @lengths ||= list("lengths").map { |field| field&.known? ? field.value : nil }

      # Legs that hang slack: by their cells, and as they were seen. nil where nobody looked and no cell tells.
      def slack(index)
        return true if data["slack"].to_a.include?(index)
        return cells[index].zero? unless cells[index].nil?

        data["tight"] == "yes" ? false : nil
      end

      # Which is read of the hook, in what it may be off.
      def load_kg
        return unless indicated

        indicated - beside.sum(&:kg)
      end

      # What hangs with the load in what the indicator shows, items of the crane's stack.
      def beside = @lift.duty.gross.shown_beside_load(with_block: with_block?)

      private

      def fields = [ indicator, *list("cells"), *list("lengths"), *tilts, up ].compact

      def tilts
        %w[along across].map { |name| field(name, :angle, "the tilt #{name}", within: MOST_DEG) }
      end

      def up = field("up", :length, "how far it is up", at_least: 0, at_most: MOST_M)
      def indicator = field("indicator", :mass, "what the indicator shows", at_least: 0, at_most: MOST_KG)

      def field(name, kind, label, within: nil, **bounds)
        bounds = { at_least: -within, at_most: within } if within
        (@fields ||= {})[name] ||= PlanFile::Field.new("/#{name}", text(data[name]), kind, label, **bounds)
      end

      def list_of(name) = data[name].is_a?(Array) ? data[name] : []

      def list(name)
        (@fields ||= {})[name] ||= @names.each_index.map do |index|
          typed = text(list_of(name)[index])
          next if typed.nil? || typed == DEAD

          name == "cells" ? cell(index, typed) : long(index, typed)
        end
      end

      def cell(index, typed)
        PlanFile::Field.new("/cells/#{index}", typed, :mass, "the #{@names[index]} cell", at_least: 0, at_most: MOST_KG)
      end

      def long(index, typed)
        label = "the length of the #{@names[index]} leg"
        PlanFile::Field.new("/lengths/#{index}", typed, :length, label, above: 0, at_most: MOST_M)
      end

      def text(value) = value.is_a?(String) ? value[0, 40].strip.then { |typed| typed.empty? ? nil : typed } : nil
      def known(field) = field.known? ? field.value : nil

      def unknown_names
        (data.keys - NAMES - SAID.keys).map { |name|
          fault("/#{name}", "#{name} is not read at a try", NAMES.join(", "))
        }
      end

      def not_said(name, words)
        return [] if data[name].nil? || words.include?(data[name])

        [ fault("/#{name}", "“#{data[name].to_s[0, 40]}” is not an answer", words.join(" or ")) ]
      end

      def lists
        %w[cells lengths].filter_map do |name|
          given = data[name]
          next if given.nil?

          fine = given.is_a?(Array) && given.size == @names.size && given.all? { |one| one.nil? || one.is_a?(String) }
          fault("/#{name}", "there is not one text for each leg", "#{@names.size}: #{@names.join(", ")}") unless fine
        end
      end

      def slack_faults
        given = data["slack"]
        return [] if given.nil?

        fine = given.is_a?(Array) && given.all? { |one| one.is_a?(Integer) && one.between?(0, @names.size - 1) }
        return [ fault("/slack", "that is no leg of this load", @names.join(", ")) ] unless fine
        return [] unless data["tight"] == "yes" && given.any?

        [ fault("/slack", "all lines are said to be tight, and #{@names[given[0]]} slack", "one of the two") ]
      end

      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }
    end
  end
end
