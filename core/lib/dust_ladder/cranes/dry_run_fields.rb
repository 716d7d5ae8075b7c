module DustLadder
  module Cranes
    # What the dry run of a platform and jib machine showed, as a plan's crane has it.
    module DryRunFields
      # What a platform and jib machine's dry run showed, as Fields. Raises NotKnown when nothing is given.
      def platform
        given = self["platform"] or
          missing("what the dry run showed of the booms is not given", "platform")
        @platform ||=
          platform_fields(given).tap do |fields|
            %i[lower upper].each { |boom| ordered(fields[:"#{boom}_boom_from"], fields[:"#{boom}_boom_to"]) }
          end
      end

      private

      def platform_fields(given)
        {
          **%w[lower_boom_from lower_boom_to upper_boom_from upper_boom_to].to_h do |name|
            [
              name.to_sym,
              angle(
                "the #{name.tr("_", " ").sub(" from", " angle, least").sub(" to", " angle, most")}",
                "platform",
                name,
                at_least: -90,
                at_most: 90
              )
            ]
          end,
          load_radius: length("the jib's load radius", "platform", "load_radius"),
          aboard:
            given["aboard"].each_with_index.map do |item, index|
              [
                item["what"],
                mass("the mass of #{item["what"]}", "platform", "aboard", index, "mass")
              ]
            end
        }
      end
    end
  end
end
