module DustLadder
  module Day
    # The phases of a day, foot first, and their short lists cut to what the plan has: no question without a reason
    # (handbook, sections 10 and 18).
    module Phases
      # id; label and short: in words; by: the role whose name ends it; items; once: does each of the crew say yes by
      # name? trial: is it the trial lift? begins: does the lift begin with it? anew: is it asked again after a stop?
      # measured: does it want a measurement?
      Phase =
        Struct.new(:id, :label, :short, :by, :items, :once, :trial, :begins, :anew, :measured, keyword_init: true) do
          def item(id) = items.find { |one| one.id == id }
        end
      # when: of Cut, what gives reason to ask it. hand: is it asked again when another one signals?
      Item = Struct.new(:id, :ask, :when, :hand, keyword_init: true)

      ALL =
        YAML
          .safe_load_file(File.expand_path("phases.yml", __dir__))
          .map do |data|
            items = data["items"].map { |item| Item.new(**item.transform_keys(&:to_sym)).freeze }
            Phase.new(**data.transform_keys(&:to_sym), items: items.freeze).freeze
          end
          .freeze

      module_function

      # Those of a Lift.
      def of(lift)
        cut = Cut.new(lift)
        ALL.map { |phase| phase.dup.tap { |own| own.items = phase.items.select { |item| cut.asks?(item) } } }
      end
    end
  end
end
