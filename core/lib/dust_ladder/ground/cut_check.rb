module DustLadder
  module Ground
    # Do pads or tracks keep off trenches, pits and backfill, by at least their depth? (handbook, sections 7 and 16)
    class CutCheck < Site::SiteCheck
      ID = "cut"
      LABEL = "Excavation"
      IN_HEADLINE = "excavation, %<subject>s,"

      private

      def examine
        feet = setup.feet
        factor = rules[:cut_factor]
        far = feet.values.flatten(1).map { |place| apart(place) }.max + rules[:cut_look_m]
        return none(far) if survey.cuts.empty?

        rooms =
          survey.cuts.map do |cut|
            name, distance = feet.transform_values { |outline| cut.distance(outline) }.min_by(&:last)
            [ "#{cut.name} to #{name}", cut.needed(factor), distance ]
          end
        line("f", Figure.factor(factor), source: rules.cite(:cut_factor))
        caution("cut", "Shored or not, look at the edge before the lift and after it; water and thaw make it slide.")
        judge_rooms(rooms) { looked!("cuts", far) }
      end

      def none(far)
        looked!("cuts", far)
        answer("holds", note: both("no cut near the pads"))
      end

      def apart(place) = Math.hypot(place[0] - setup.standing.axis[0], place[1] - setup.standing.axis[1])
    end
  end
end
