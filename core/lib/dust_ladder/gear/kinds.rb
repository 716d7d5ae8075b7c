module DustLadder
  module Gear
    # Every kind of gear that a store keeps, as data: kinds.yml, fields.yml and looks.yml.
    module Kinds
      # name; words: as people say it; sort: sling, beam, fitting, special, support, device or machine; term: accessory,
      # machine or none, which interval of examination counts; fields: names of those that are asked for; needs: those
      # without which it is not taken; looks: what is looked at before use, in order.
      Kind = Struct.new(:name, :words, :sort, :term, :fields, :needs, :looks, keyword_init: true)
      # label, example, group (head, is, tag, new, store), read, key and choices, as of fields.yml.
      Field = Struct.new(:name, :label, :example, :group, :read, :key, :choices, keyword_init: true)

      read = ->(file) { YAML.safe_load_file(File.expand_path("#{file}.yml", __dir__), aliases: true) }
      FIELDS = read.("fields").to_h { |name, of| [ name, Field.new(name: name, **of.transform_keys(&:to_sym)) ] }.freeze
      LOOKS = read.("looks").to_h { |id, data| [ id, Look.new(id: id, **data.transform_keys(&:to_sym)) ] }.freeze
      EVERY = %w[number kind state size mass legible maker use in_service examined due certificate set place
        note].freeze
      # Where there is one rating to hold lower.
      HELD = %w[own_swl own_swl_why].freeze
      OF_SORT = {
        "sling" => %w[legs reach ends grade core construction splice coating stretch vertical choker basket bands
          link_pitch diameter],
        "beam" => %w[depth holes eyes bails span_ratings end_rating compression bending least_angle]
      }.freeze
      # What only goes with one kind of sling.
      ONLY = {
        "alloy_chain" => %w[grade link_pitch],
        "wire_rope" => %w[core construction splice]
      }.freeze
      # What people write for a kind.
      OTHERWISE = {
        "chain" => "alloy_chain",
        "round" => "polyester_round",
        "spreader_beam" => "spreader",
        "rope" => "wire_rope",
        "wire" => "wire_rope",
        "eyebolt" => "eyebolt_plain",
        "swivel_hoist_ring" => "hoist_ring",
        "link" => "master_link",
        "clamp" => "plate_clamp",
        "hoist" => "fixed_hoist"
      }.freeze

      ALL =
        read
          .("kinds")
          .to_h do |name, data|
            special = ONLY.except(name).values.flatten
            own = OF_SORT.fetch(data["sort"], []) - special + %w[is tag new].flat_map { |group| data[group].to_a }
            kind =
              Kind.new(
                name: name,
                **data.slice("words", "sort", "term").transform_keys(&:to_sym),
                fields: FIELDS.keys & (EVERY + own + (own.intersect?(%w[vertical wll]) ? HELD : [])),
                needs: data["needs"].to_a,
                looks: data["looks"].map { |id| LOOKS.fetch(id) }
              )
            [ name, kind ]
          end
          .freeze

      module_function

      # A Kind by its name, or nil.
      def of(name) = ALL[name]

      # The name of a kind from what somebody wrote; what is no kind stays as it was written.
      def named(text)
        plain = text.downcase.strip.tr(" -", "__").squeeze("_").delete_suffix("_sling")
        OTHERWISE.fetch(plain, plain)
      end
    end
  end
end
