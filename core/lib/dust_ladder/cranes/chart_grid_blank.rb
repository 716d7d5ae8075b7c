module DustLadder
  module Cranes
    # A CSV grid with nothing in it but the names of what a page of its family says, to be filled in away from here.
    module ChartGridBlank
      # What each family's page says beside its tables, by the names of ChartGrid.
      NAMES = {
        "mobile" => /\A(?!trolley|tower|platform|credit|rated|highest|reach)/,
        "tower" => /\A(?!foot|boom|jib|platform|credit|rated|highest|reach)/,
        "platform_jib" => /\A(platform|credit|wind|level)/,
        "fixed_hoist" => /\A(rated|highest|reach|block to)/
      }.freeze
      TABLES = {
        "mobile" => ->(length) { [ [ "sector", "all round", 0, 360 ], [ "radius (#{length}) / boom (#{length})" ] ] },
        "tower" => ->(length) { [ [ "falls", 2, "", "no" ], [ "radius (#{length})", "capacity" ] ] },
        "platform_jib" => ->(length) {
          [ [ "jib cap" ], [ "lower boom zone", "A" ], [ "upper boom (deg) / load radius (#{length})" ] ]
        },
        "fixed_hoist" => ->(_) { [] }
      }.freeze

      module_function

      # family: of ChartFile::FAMILIES. us: in lb and feet?
      def write(family, us: false)
        needed = RuleSet.shipped("strict").chart_identity(family)
        CSV.generate do |csv|
          [
            [ "chart", "" ],
            [ "family", family ],
            [ "source", "" ],
            *needed.map { |name| [ "machine #{name.split(" or ").first.tr("_", " ")}", "" ] },
            *ChartGrid::NAMES.keys.grep(NAMES.fetch(family)).map { |name| [ name, "" ] },
            *(%w[mobile tower].include?(family) ? [ [ "pulls by layer", "" ] ] : []),
            [ "deduct stowed jib", "" ],
            [ "note", "" ],
            [ "capacity in", us ? "lb" : "kg" ],
            *TABLES.fetch(family).call(us ? "ft" : "m")
          ].each { |cells| csv << cells }
        end
      end
    end
  end
end
