module DustLadder
  module Cranes
    # Which machine a chart is of, as it must stand for its figures to count (handbook, sections 6 and 15).
    class Identity
      # A field by name: the chart's value, nil where the chart lacks it; the machine's own, "" where it is not given.
      Field = Struct.new(:name, :value, :own, :verdict)

      # Two quantities are one when they differ by less than this share: a page in lb, a plate in kg.
      SAME = 1e-4
      KINDS = %i[mass length angle].freeze

      # Of a chart, with the fields that its family needs by what ships now.
      def self.of(data)
        new(data, RuleSet.shipped("strict").chart_identity(Families.name_of(data)))
      end

      # data: a chart's. needed: names of the fields that its family needs; of "a or b" either will do.
      def initialize(data, needed = [])
        @fields = data["identity"]
        @needed = needed
      end

      # as_rigged: { name => text } of the machine as it stands. Those that the chart has, then those that it lacks.
      def against(as_rigged)
        has =
          @fields.sort.map do |name, value|
            own = as_rigged[name].to_s.strip
            Field.new(name, value, own, own.empty? ? "not_known" : (same?(own, value) ? "holds" : "stop"))
          end
        has + lacking.map { |name| Field.new(name, nil, as_rigged[name].to_s.strip, "not_known") }
      end

      # Names of needed fields that the chart does not give.
      def lacking = @needed.reject { |name| name.split(" or ").any? { |one| !@fields[one].to_s.strip.empty? } }

      # identity: of another chart, { name => text }. Is it the same machine in the same configuration?
      def same_as?(identity)
        (@fields.keys | identity.keys).all? { |name| same?(@fields[name].to_s, identity[name].to_s) }
      end

      # Names of the fields in which another identity differs.
      def differs_from(identity)
        (@fields.keys | identity.keys).reject { |name| same?(@fields[name].to_s, identity[name].to_s) }
      end

      # A short name by which charts of one identity are called, whatever their title.
      def handle(title)
        words = @fields.values_at("model", "serial", "number").compact.join(" ")
        mark = PlanFile::Digest.of(lacking.any? ? [ @fields, title ] : @fields).delete_prefix("sha256:")[0, 6]
        [ words.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")[0, 60], mark ].reject(&:empty?).join("-")
      end

      private

      # Quantities are compared as quantities: "9.0 t" is "9 000 kg".
      def same?(one, other)
        return true if one == other || plain(one) == plain(other)
        return false unless [ one, other ].all? { |text| text.match?(/\A\s*[\d.]/) }

        KINDS.any? do |kind|
          here, there = [ one, other ].map { |text| read(text, kind) }
          here && there && (here - there).abs <= SAME * [ here.abs, there.abs ].max
        end
      end

      def read(text, kind)
        Quantity::Reader.read(text, kind)
      rescue Quantity::Unreadable
        nil
      end

      def plain(text) = text.strip.squeeze(" ").downcase
    end
  end
end
