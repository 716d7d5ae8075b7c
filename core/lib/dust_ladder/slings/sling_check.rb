module DustLadder
  module Slings
    # May the slings carry the worst pull on each leg, in their hitch and at their angle? One part for each
    # leg, and one for the pair where a school or the tag rates both legs together.
    class SlingCheck < Ladder::Check
      ID = "slings"
      LABEL = "Slings"
      # demand and capacity are Figures of one unit; a stop is a reason that no figure mends.
      Outcome = Struct.new(:demand, :capacity, :subject, :stop, :lines, keyword_init: true) do
        def share = !stop && capacity.value.positive? ? demand.value / capacity.value : Float::INFINITY
      end

      private

      def examine
        @bridle = lift.bridle
        @legs = lift.legs
        @legs.each_with_index { |leg, index| raise missing_sling(index) unless lift.sling_of(leg) }
        outcomes = @legs.each_index.map { |index| examine_leg(index) } + together
        show_parts(outcomes)
        governs = outcomes.max_by(&:share)
        show_working(outcomes)
        warn
        return stop(governs.stop, subject: governs.subject) if governs.stop

        judge(governs.demand, governs.capacity, attention: rules[:attention, :slings], subject: governs.subject,
              note: both { |system| "#{governs.subject}: #{governs.demand.bare(system)} of #{governs.capacity.shown(system)}" })
      end

      # Every part's own arithmetic, the worst part first.
      def show_working(outcomes)
        outcomes.sort_by { |outcome| -outcome.share }.each do |outcome|
          @working.group = outcome.subject
          outcome.lines.call
        end
      end

      def missing_sling(index)
        NotKnown.new("no sling is chosen for the #{@bridle.names[index]} leg", pointer: "/rigging/legs/#{index}/sling")
      end

      def sling(index) = lift.sling_of(@legs[index])
      def tag(index) = (@tags ||= {})[index] ||= Tag.new(sling(index), rules)
      def fit(index) = (@fits ||= {})[index] ||= Fit.new(lift, index)
      def hitch(index) = @legs[index]["hitch"]
      def subject(index) = @bridle.names.size == 1 ? "the sling" : "#{@bridle.names[index]} leg"

      def examine_leg(index)
        pull = @bridle.worst[index]
        tag = self.tag(index)
        reason = out_of_use(index, tag) || fit(index).reason || sliding(index)
        return Outcome.new(subject: subject(index), stop: reason, demand: Figure.kg(pull.tension, :up), lines: -> { }) if reason

        hitch(index) == "basket" ? basket(index, tag) : straight(index, pull, tag)
      end

      def out_of_use(index, tag)
        number = sling(index)["number"]
        return both("#{number} has no legible rating: out of use") unless tag.legible?
        return both("#{number} is one leg and is planned on two") if sling(index)["legs"] == 1 && @legs.count { |leg| leg["sling"] == number } > 1

        both("the legs are of different kinds") if @legs.map { |leg| lift.sling_of(leg)["kind"] }.uniq.size > 1
      end

      # A basket or choke that leans further than friction holds slides along the load.
      def sliding(index)
        return if hitch(index) == "vertical" || @legs[index]["held_by"].strip != ""

        lean = 90 - @bridle.flattest_deg[index]
        return if Math.tan(lean * Math::PI / 180) <= rules[:friction] + 1e-9

        both("the #{hitch(index)} leans #{Figure.deg(lean, :up)} from plumb and slides: say what holds it")
      end

      # A leg by its own tension: vertical hitch or choker.
      def straight(index, pull, tag)
        rating = tag.rating(hitch(index))
        choke = hitch(index) == "choker" ? choke_factor(index) : nil
        capacity = rating.kg * (choke || 1.0)
        Outcome.new(subject: subject(index), demand: Figure.kg(pull.tension, :up), capacity: Figure.kg(capacity, :down), lines: -> { tension_lines(index, pull); capacity_lines(index, rating, choke) })
      end

      def choke_factor(index)
        angle = lift.choke_angles[index].value
        raise NotKnown.new("an angle of choke lies between 0 and 180°", pointer: lift.choke_angles[index].pointer) unless angle.between?(0, 180)

        rules[:choke_angle_bands].find { |at_least, _| angle >= at_least - 1e-9 }.last
      end

      # A basket by its share of the load: both its sides together, at their true angle.
      def basket(index, tag)
        rating = tag.rating("basket")
        width = lift.basket_widths[index].not_negative
        pull = @bridle.pulls_of(index).max_by { |one| one.share * side_length(one.leg, width) / one.leg.height }
        leg, side = pull.leg, side_length(pull.leg, width)
        within = Math.acos((leg.height / side).clamp(-1, 1)) * 180 / Math::PI <= rules[:basket_true_double_within_deg_from_plumb] + 1e-9
        full = within && rules[:basket_full_within_that_limit]
        sine = full ? 1.0 : leg.height / side
        Outcome.new(subject: subject(index), demand: Figure.kg(pull.share, :up), capacity: Figure.kg(rating.kg * sine, :down),
                    lines: -> { basket_lines(index, pull, rating, width, side, full) })
      end

      def side_length(leg, width) = Math.sqrt(leg.run**2 + leg.height**2 + width**2 / 4)

      # Both legs as one sling: the school's bands for legs that are alike, and the tag's own bands.
      def together
        return [] unless @legs.size == 2

        shallowest = 90 - @bridle.flattest_deg.min
        [ uniform(shallowest), tag_bands(shallowest) ].compact
      end

      def uniform(shallowest)
        return unless %w[uniform_load both].include?(rules[:multi_leg_school]) && alike?

        single = tag(0).rating("vertical").kg
        choker = rules[:uniform_load_choker] if hitch(0) == "choker"
        bands = rules[:uniform_load_bands]
        whole(shallowest, MultiLeg.uniform_load(2, single, shallowest, bands, choker: choker), bands.last.first,
              "uniform load, #{rules.cite(:uniform_load_bands)}", single: single, choker: choker)
      end

      def alike?
        return false if @legs.any? { |leg| leg["hitch"] == "basket" } || @legs.map { |leg| leg["hitch"] }.uniq.size > 1

        ratings = @legs.each_index.map { |index| tag(index).vertical_kg }
        angles = @bridle.pose.legs.map(&:deg_from_horizontal)
        lengths = @bridle.lengths
        !ratings.first.nil? && ratings.uniq.size == 1 && (angles[0] - angles[1]).abs <= rules[:uniform_load_most_difference_deg] &&
          (lengths[0] - lengths[1]).abs <= rules[:leg_length_tolerance] * lengths.max
      end

      def tag_bands(shallowest)
        one = sling(0)
        return if one["legs"] != 2 || @legs.any? { |leg| leg["sling"] != one["number"] || leg["hitch"] != "vertical" }

        bands = one["tag"]["multi_leg"].sort_by { |entry| entry["upto_deg_from_plumb"] }
        return if bands.empty?

        band = bands.find { |entry| shallowest <= entry["upto_deg_from_plumb"] + 1e-9 }
        whole(shallowest, band && band["kg"], bands.last["upto_deg_from_plumb"], "tag #{one['number']}, both legs")
      end

      # The planned weight against one figure for both legs; past the last band, the angle against that band.
      def whole(shallowest, capacity, most, source, single: nil, choker: nil)
        flattest = @bridle.flattest_deg.each_index.min_by { |leg| @bridle.flattest_deg[leg] }
        angle = -> { line("b", Figure.deg(shallowest, :up), source: "flattest leg from plumb, at worst", about: "leg:#{flattest}") }
        unless capacity
          return Outcome.new(subject: "both legs", demand: Figure.deg(shallowest, :up), capacity: Figure.deg(most),
                             lines: -> { angle.call; line("most", Figure.deg(most), source: "no figure further from plumb: #{source}") })
        end

        weight = Figure.kg(lift.load.planned_kg, :up)
        Outcome.new(subject: "both legs", demand: weight, capacity: Figure.kg(capacity, :down), lines: lambda {
          line("W", weight, source: "planned weight", about: "load")
          angle.call
          capacity_of_both(capacity, source, single, choker)
        })
      end

      def capacity_of_both(capacity, source, single, choker)
        return line("C", Figure.kg(capacity, :down), source: source) unless single

        line("R", Figure.kg(single, :down), source: "tag #{sling(0)['number']}, one leg")
        factor = capacity / single / (choker || 1)
        operands = { f: Figure.factor(factor), R: Figure.kg(single, :down) }
        operands[:c] = Figure.factor(choker) if choker
        line("C", Figure.kg(capacity, :down), formula: choker ? "f × R × c" : "f × R", from: operands, source: source)
      end

      def tension_lines(index, pull)
        about = "leg:#{index}"
        share_lines(index, pull)
        leg = pull.leg
        line("L", Figure.m(leg.length, :up), source: pull.corner == "nominal" ? "leg length" : "leg length with its tolerance", about: about)
        line("T", Figure.kg(pull.tension, :up), formula: "V × L / H#{index + 1}",
             from: { V: Figure.kg(pull.share, :up), L: Figure.m(leg.length, :up), "H#{index + 1}": Figure.m(leg.height, :down) }, source: "leg tension", about: about)
      end

      # The leg's vertical share, by the level distances and heights of the pose that governs.
      def share_lines(index, pull)
        weight = Figure.kg(lift.load.planned_kg, :up)
        line("W", weight, source: "planned weight", about: "load")
        corner = Rigging::Bridle.words(pull.corner, @bridle.names)
        return single_share(index, pull, weight) if @legs.size == 1

        legs = (@bridle.corners.find { |signs, _| signs == pull.corner }&.last || @bridle.pose).legs
        operands = { W: weight }
        legs.each_with_index do |leg, place|
          run, height = Figure.m(leg.run), Figure.m(leg.height, place == index ? :down : :near)
          operands.merge!("d#{place + 1}": run, "H#{place + 1}": height)
          line("d#{place + 1}", run, source: "#{@bridle.names[place]} point from plumb; #{corner}", about: "leg:#{place}")
          line("H#{place + 1}", height, source: "hook above it", about: "leg:#{place}")
        end
        mine, other = index + 1, 2 - index
        line("V", Figure.kg(pull.share, :up), formula: "W × d#{other} × H#{mine} / (d#{other} × H#{mine} + d#{mine} × H#{other})", from: operands, source: "#{@bridle.names[index]} share", about: "leg:#{index}")
      end

      def single_share(index, pull, weight)
        line("V", Figure.kg(pull.share, :up), formula: "W", from: { W: weight }, source: "one leg carries all", about: "leg:#{index}")
        line("H1", Figure.m(pull.leg.height, :down), source: "hook above the point", about: "leg:#{index}")
      end

      def capacity_lines(index, rating, choke)
        return line("C", Figure.kg(rating.kg, :down), source: rating.source) unless choke

        line("R", Figure.kg(rating.kg, :down), source: rating.source)
        line("k", Figure.factor(choke), source: rules.cite(:choke_angle_bands), about: "leg:#{index}")
        line("C", Figure.kg(rating.kg * choke, :down), formula: "R × k", from: { R: Figure.kg(rating.kg, :down), k: Figure.factor(choke) }, source: "choker at this angle of choke")
      end

      def basket_lines(index, pull, rating, width, side, full)
        share_lines(index, pull)
        leg = pull.leg
        about = "leg:#{index}"
        operands = { d: Figure.m(leg.run.abs), H: Figure.m(leg.height), w: Figure.m(width) }
        line("S", Figure.m(side), formula: "√(d² + H² + w² / 4)", from: operands, source: "one side of the basket", about: about)
        line("R", Figure.kg(rating.kg, :down), source: rating.source)
        return line("C", Figure.kg(rating.kg, :down), formula: "R", from: { R: Figure.kg(rating.kg, :down) }, source: rules.cite(:basket_true_double_within_deg_from_plumb)) if full

        line("C", Figure.kg(rating.kg * leg.height / side, :down), formula: "R × H / S",
             from: { R: Figure.kg(rating.kg, :down), H: Figure.m(leg.height), S: Figure.m(side) }, source: "both sides at their true angle", about: about)
      end

      def show_parts(outcomes)
        outcomes.each_with_index do |outcome, index|
          leg = index < @legs.size
          share = outcome.share
          nominal = leg ? @bridle.nominal[index] : nil
          part(name: leg ? @bridle.names[index] : outcome.subject, verdict: Ladder::Verdict.of(share, rules[:attention, :slings]),
               utilisation: share.finite? ? share : nil, demand: outcome.demand, capacity: outcome.capacity,
               nominal: nominal && Figure.kg(hitch(index) == "basket" ? nominal.share : nominal.tension, :up), note: outcome.stop)
        end
      end

      def warn
        @legs.each_index do |index|
          tag = self.tag(index)
          rating = tag.rating(hitch(index)) if tag.legible?
          caution("tag_contradicts", "The tag of #{sling(index)['number']} contradicts itself: the lowest figure is used. Have it looked at.") if rating&.contradictory
          fit(index).advice.each { |id, text| caution(id, text, about: "leg:#{index}") }
        rescue NotKnown
          next
        end
        spread = @bridle.pose.legs.sum { |leg| 90 - leg.deg_from_horizontal }
        most = rules[:hook_included_angle_deg]
        caution("hook_spread", "The legs stand #{Figure.deg(spread, :up)} apart in the hook: past #{most.round}° use a ring.") if spread > most
      end
    end
  end
end
