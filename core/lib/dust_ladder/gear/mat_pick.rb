module DustLadder
  module Gear
    # Which mats of the store can lie under a crane's pads: as many alike as there are pads, fit to be used, and what
    # the rung of the pads says with them. Best first.
    class MatPick
      # pieces: as many as are wanted of one sort; side, m; rated: kg that one may carry, or nil; verdict and share of
      # the rung; changes: { JSON pointer => value }.
      Choice = Struct.new(:pieces, :side, :rated, :verdict, :share, :changes, keyword_init: true)
      Rejected = Slings::Selection::Rejected
      PADS = 4
      MOST = 6
      OWN = [ *Slings::Selection::Store::OWN, "size" ].freeze
      RUNG = "pads".freeze

      # document: an accepted plan. pieces: mats of the store, as the plan format has them. crane: which of the plan's.
      # Raises IndexError where there is no such crane.
      def initialize(document, pieces, crane: 0)
        @document = document
        @lift = Lift.new(document)
        @rules = @lift.rules
        @stand = @lift.stands.fetch(crane)
        @pieces = pieces.select { |piece| piece["kind"] == "mat" }
        @day = @lift.last_day&.iso8601
      end

      def choices
        @choices ||=
          sorts
            .filter_map { |some| choice(some) if some.size >= PADS }
            .sort_by { |one| [ -Ladder::Verdict.rank(one.verdict), one.pieces[0]["mass_kg"].to_f ] }
      end

      def rejected
        @rejected ||= bad + sorts.select { |some| some.size < PADS }.flatten(1).map { |piece|
          Rejected.new(piece, [ "there are too few of its size: #{PADS} are wanted" ])
        }
      end

      def as_json(*)
        {
          "choices" => choices.map { |one| choice_json(one) },
          "rejected" => rejected.first(40).map { |one| { **named(one.piece), "reasons" => one.reasons } }
        }
      end

      private

      def named(piece) = piece.slice("number", "kind", "size", "place")
      def judged = @judged ||= @pieces.map { |piece| [ piece, reasons(piece) ] }
      def bad = judged.filter_map { |piece, reasons| Rejected.new(piece, reasons) if reasons.any? }

      # Those that may be used, by what they have in common; the largest first, as many as are looked at.
      def sorts
        @sorts ||=
          judged
            .filter_map { |piece, reasons| piece if reasons.empty? }
            .group_by { |piece| piece.except(*OWN) }
            .values
            .sort_by { |some| -side(some[0]) }
            .first(MOST)
      end

      def reasons(piece)
        found = Fitness.new(piece, @rules).reasons(on: @day).map(&:words)
        found << "its size is not known" unless side(piece)
        found << "its mass is not known" unless piece["mass_kg"]
        found
      end

      # The lesser side counts, both ways.
      def side(piece) = piece.values_at("length_m", "width_m").then { |sides| sides.all? ? sides.min : nil }

      # What it may bear over its whole area, kg.
      def rated(piece) = piece["bears_kpa"] && piece["bears_kpa"] * 1000 * side(piece)**2 / G

      def choice(some)
        pieces = some.first(PADS)
        changes = changes(pieces)
        # What pads carry does not wait for how the legs share it at their worst.
        rung = DustLadder.check(PlanFile::Pointer.with_values(@document, changes), hasty: true).rung(RUNG)
        Choice.new(
          pieces: pieces,
          side: side(pieces[0]),
          rated: rated(pieces[0]),
          verdict: rung&.verdict || "not_known",
          share: rung&.utilisation,
          changes: changes
        )
      end

      def changes(pieces)
        mat = pieces[0]
        may = rated(mat)
        numbers = pieces.map { |piece| piece["number"] }
        kept = @lift.document.snapshots("gear").except(*@stand.mat_pieces)
        snapshots = pieces.to_h { |piece| [ piece["number"], PlanFile::Digest.snapshot(piece.except("place")) ] }
        laid = {
          "side" => "#{number(side(mat))} m",
          "mass" => "#{number(mat["mass_kg"])} kg",
          "rated" => may && "#{may.floor} kg",
          "pieces" => numbers
        }
        { @stand.pointer("mat") => laid.compact, Plan.pointer("snapshots", "gear") => kept.merge(snapshots) }
      end

      def number(value) = format("%.3f", value).sub(/\.?0+\z/, "")

      def choice_json(one)
        {
          "numbers" => one.pieces.map { |piece| piece["number"] },
          "size" => one.pieces[0]["size"].to_s,
          "place" => one.pieces[0]["place"].to_s,
          "side" => Figure.m(one.side, :down).as_json,
          "mass" => Figure.kg(one.pieces[0]["mass_kg"], :up).as_json,
          "rated" => one.rated && Figure.kg(one.rated, :down).as_json,
          "verdict" => one.verdict,
          "utilisation" => one.share&.finite? ? Figure.percent(one.share).as_json : nil,
          "changes" => one.changes
        }
      end
    end
  end
end
