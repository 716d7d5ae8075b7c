module DustLadder
  module Gear
    # The fittings and mats of a plan that are pieces of the store, and whether the plan uses each as what it is: the
    # same kind, counted no higher than it is rated, and in one place.
    class PlacedGear
      SLACK = 1 + 1e-9

      # lift: a Lift.
      def initialize(lift)
        @lift = lift
      end

      # GearCheck::Piece each, each number once.
      def pieces
        named = [ *fittings, *mats ]
        times = named.map(&:number).tally
        named.uniq(&:number).each do |piece|
          piece.against ||= "it is named in #{times[piece.number]} places" if times[piece.number] > 1
        end
      end

      private

      def snapshot(number) = @lift.document.snapshot("gear", number)&.fetch("data")

      def fittings
        @lift.legs.flat_map(&:fittings).select(&:piece).map do |fitting|
          data = snapshot(fitting.piece)
          of(fitting.piece, data, fitting.pointer("piece"), fitting_against(fitting, data))
        end
      end

      def of(number, data, pointer, against)
        GearCheck::Piece.new(number: number, data: data, pointer: pointer, against: against)
      end

      def fitting_against(fitting, data)
        words = Plan::Fitting::WORDS[fitting.kind]
        if data["kind"] != fitting.kind
          return "it is a #{Kinds.of(data["kind"]).words}, and the plan has a #{words} there"
        end

        counted = DustLadder.known { fitting.wll.positive }
        rated = Rating.kg(data)
        return "it has no rating, and the plan counts #{Figure.kg(counted, :up)}" if counted && rated.nil?
        if counted && counted > rated * SLACK
          return "the plan counts #{Figure.kg(counted, :up)}, it may carry #{Figure.kg(rated, :down)}"
        end

        lighter(DustLadder.known { fitting.weight.positive }, data)
      end

      # What the plan counts as lighter than it is hangs in the hook all the same.
      def lighter(counted, data)
        weighs = data["mass_kg"]
        return unless counted && weighs && counted * SLACK < weighs

        "the plan counts #{Figure.kg(counted, :down, digits: 1)} for it, it weighs #{Figure.kg(weighs, :up, digits: 1)}"
      end

      def mats
        @lift.stands.flat_map do |stand|
          stand.mat_pieces.each_with_index.map do |number, at|
            data = snapshot(number)
            of(number, data, stand.pointer("mat", "pieces", at), mat_against(stand, data))
          end
        end
      end

      # A mat of the store is as large as the plan counts, both ways.
      def mat_against(stand, data)
        return "it is a #{Kinds.of(data["kind"]).words}, and the plan has a mat there" if data["kind"] != "mat"

        counted = DustLadder.known { stand.mat_side.positive } or return
        least = data.values_at("length_m", "width_m").compact.min
        return "its size is not known" unless least

        if counted > least * SLACK
          return "the plan counts #{Figure.m(counted, :up)} a side, it has #{Figure.m(least, :down)}"
        end

        lighter(DustLadder.known { stand.mat_kg.positive }, data)
      end
    end
  end
end
