module DustLadder
  module Slings
    # The slings of a lift in a few words: weight, legs, angle (or leg length and height), hitch and rating give
    # tension, factor and verdict. Legs alike, the CG in their middle, the load level; four legs count as the rule set
    # counts them. It says nothing of the crane, the points or how it really hangs: that takes a plan.
    class QuickCheck
      FIELDS = %w[weight basis legs angle length height hitch rating].freeze
      HITCHES = %w[vertical choker basket].freeze
      LEGS = { "1" => 1, "2" => 2, "3" => 3, "4" => 4 }.freeze
      # What was typed in a field and cannot be read: as of PlanFile::Field.
      attr_reader :problems

      # given: { field => text }. basis: how the weight is known; the poorest where it is not said.
      def initialize(given, rules)
        @given = FIELDS.to_h { |name| [ name, given[name].to_s.strip ] }
        @rules = rules
        @problems = []
        @working = Ladder::Working.new
        @missing = nil
        work
      end

      def verdict =
        if @utilisation
          Ladder::Verdict.of(@utilisation, @rules.attention(:slings)).then { |one| @flat ? "stop" : one }
        else
          "not_known"
        end

      def as_json(*)
        {
          "verdict" => verdict,
          "missing" => @missing,
          "angle" => @angle&.words,
          "factor" => @angle && Figure.factor(@angle.load_angle_factor, :up).as_json,
          "tension" => @tension && Figure.kg(@tension, :up).as_json,
          "capacity" => @capacity && Figure.kg(@capacity, :down).as_json,
          "utilisation" => @utilisation && Figure.percent(@utilisation).as_json,
          "flat" =>
            (
              if @flat
                "under #{@rules[:angle_floor_deg_from_horizontal].round}° from the horizontal: only on a qualified " \
                  "person's word"
              else
                nil
              end
            ),
          "working" => @working.lines.map(&:as_json),
          "problems" => @problems
        }
      end

      # A new plan with what was typed: its points, slings and crane are still to be given.
      def plan(title)
        document = Plan.blank(title: title, rule_set: @rules)
        names = %w[West East North South].first(LEGS.fetch(@given["legs"], 2))
        leg =
          document["rigging"]["legs"].first.merge(
            "hitch" => hitch,
            "angle" => @given["angle"].empty? ? nil : @given["angle"]
          )
        document["load"]["weight"].merge!(
          "bare" => @given["weight"].empty? ? nil : @given["weight"],
          "basis" => basis
        )
        document["load"]["points"] = names.map { |name| { "name" => name, "x" => nil, "y" => nil, "z" => nil } }
        document["rigging"]["legs"] = names.map { leg.dup }
        document["rigging"]["set_by"] = "leg_angles" unless @given["angle"].empty?
        document
      end

      private

      def hitch = HITCHES.include?(@given["hitch"]) ? @given["hitch"] : "vertical"
      def basis = @rules[:allowance].key?(@given["basis"]) ? @given["basis"] : "estimated"

      def work
        bare = field("weight", :mass) or return
        legs = LEGS[@given["legs"]] or return need("how many legs there are")
        counted = @rules[:four_legs] == "diagonals" && legs == 4 ? 2 : [ legs, 3 ].min
        weight = bare * (1 + @rules[:allowance, basis])
        share = weight / counted
        @angle = legs == 1 && hitch != "basket" ? Rigging::Angle.new(90.0) : angle(share) or return
        @tension = share * @angle.load_angle_factor
        show(bare, weight, counted, legs, share)
        judge
      end

      # From what was typed of it, or of the leg's length and height.
      def angle(share)
        return typed_angle(share) unless @given["angle"].empty?

        if @given["length"].empty? || @given["height"].empty?
          return need("the legs' angle, or their length and height")
        end

        length, height = field("length", :length), field("height", :length)
        return unless length && height
        if height > length
          return refuse("height", "the height cannot be more than the leg is long", "less than the length")
        end

        Rigging::Angle.new(Math.asin(height / length) * 180 / Math::PI)
      end

      def typed_angle(share)
        Rigging::Angle.new(Rigging::Angle.parse(@given["angle"], share: share).deg_from_horizontal)
      rescue Quantity::Unreadable => error
        problem("angle", error)
      end

      def judge
        rating = field("rating", :mass) or return
        factor = {
          "vertical" => 1.0,
          "choker" => @rules[:choker_factor, "unclear"],
          "basket" => @rules[:basket_factor]
        }.fetch(hitch)
        @capacity = rating * factor
        @utilisation = @tension / @capacity
        @flat = !@angle.allowed?(@rules[:angle_floor_deg_from_horizontal])
        rated, left = Figure.kg(rating, :down), Figure.factor(factor, :down)
        @working.line("R", rated, source: "straight rating of one leg, as typed")
        @working.line("k", left, source: "#{hitch} hitch; the tag's own figure comes before it")
        @working.line(
          "C",
          Figure.kg(@capacity, :down),
          formula: "R × k",
          from: {
            R: rated,
            k: left
          },
          source: "what it carries here"
        )
      end

      def show(bare, weight, counted, legs, share)
        line = ->(*args, **more) { @working.line(*args, **more) }
        kg, allowance = Figure.kg(bare, :up), Figure.factor(@rules[:allowance, basis])
        line.("B", kg, source: "#{basis} weight")
        line.(
          "W",
          Figure.kg(weight, :up),
          formula: "B × (1 + a)",
          from: {
            B: kg,
            a: allowance
          },
          source: @rules.cite(:allowance)
        )
        count = Figure.count(counted)
        line.(
          "V",
          Figure.kg(share, :up),
          formula: "W / n",
          from: {
            W: Figure.kg(weight, :up),
            n: count
          },
          source: counted == legs ? "alike legs, the CG in their middle" : "#{legs} legs counted as #{counted}"
        )
        deg = Figure.deg(@angle.deg_from_horizontal)
        line.("h", deg, source: "from horizontal")
        line.(
          "T",
          Figure.kg(@tension, :up),
          formula: "V / sin(h)",
          from: {
            V: Figure.kg(share, :up),
            h: deg
          },
          source: "pull in a leg"
        )
      end

      def field(name, kind)
        text = @given[name]
        if text.empty?
          return need({ "weight" => "the weight", "rating" => "the rating of one leg" }.fetch(name, "the #{name}"))
        end

        value = Quantity::Reader.read(text, kind)
        value.positive? ? value : refuse(name, "it must be more than nothing", "more than 0")
      rescue Quantity::Unreadable => error
        problem(name, error)
      end

      def need(what)
        @missing ||= what
        nil
      end

      def refuse(name, message, expected) =
        problem(name, Quantity::Unreadable.new(message, typed: @given[name], expected: expected))

      def problem(name, error)
        @problems << {
          "pointer" => "/#{name}",
          "typed" => @given[name],
          "message" => error.message,
          "expected" => error.expected,
          "choices" => error.choices
        }
        nil
      end
    end
  end
end
