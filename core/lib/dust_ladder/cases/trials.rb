module DustLadder
  module Cases
    # Worked cases of what is read at a trial lift, and what follows from it.
    module Trials
      module_function

      def inference_from_cells(given)
        cells =
          Statics::CellReadings.new(
            given.fetch("legs").map { |leg| cell(leg) },
            pitch_deg: given.fetch("pitch_deg"),
            roll_deg: given.fetch("roll_deg"),
            consistent_upto: given.fetch("consistent_upto_fraction"),
            indicated: given["indicated_load_kg"],
            look_for_pairs: given["question"] == "swapped"
          )
        told = {
          "weight_kg" => cells.weight,
          "plumb_line_xy_m" => cells.plumb_line(given.fetch("report_plane_z_m")),
          "dead_cell_reading_kg" => cells.dead_reading,
          "swapped_pair" => cells.swapped && names(cells, cells.swapped)
        }
        {
          **told,
          "pairs_that_explain" => cells.pairs.map { |pair| names(cells, pair) },
          "level_residual_fraction" => cells.residual,
          "consistent" => cells.consistent?,
          "cannot_be_told" => untold(told, given, cells)
        }
      end

      def cell(leg)
        places = leg.values_at("point_xyz_m", "upper_end_xyz_m").map { |place| place.map(&:to_f) }
        Statics::CellReadings::Leg.new(leg["name"], *places, leg.fetch("reading_kg")&.to_f)
      end

      def names(cells, pair) = cells.legs.values_at(*pair).map(&:name)

      def untold(told, given, cells)
        asked = {
          "weight" => told["weight_kg"],
          "plumb_line" => told["plumb_line_xy_m"],
          "dead_cell_reading" => cells.dead.empty? || told["dead_cell_reading_kg"],
          "swapped_pair" => given["question"] != "swapped" || told["swapped_pair"]
        }
        [ *asked.reject { |_, found| found }.keys, "cg_height" ]
      end

      def inference_from_tilt(given)
        rig = DustLadder::Cases::Rigging.rig(given)
        body = DustLadder::Cases::Rigging.reported(given, rig)
        pitch, roll = given.values_at("measured_pitch_deg", "measured_roll_deg").map(&:to_f)
        found = Statics::Inference.from_tilt(rig, body: body, roll_deg: roll, pitch_deg: pitch, error_deg: 0.1).cg
        cgs = rig.bodies.each_with_index.map { |one, index| index == body ? found : one.cg }
        off = found.zip(rig.bodies[body].cg).map { |is, planned| is - planned }
        least = least_change(given, rig.with(cgs: cgs), body)
        links = least.links(given.fetch("link_pitch_m"))
        {
          "tilt_now_deg" => least.tilt_deg(0.0),
          "cg_offset_x_m" => off[0],
          "cg_offset_y_m" => off[1],
          "least_change_m" => least.change,
          "least_change_links" => links,
          "tilt_after_links_deg" => links && least.tilt_deg(links * given["link_pitch_m"])
        }
      end

      def least_change(given, rig, body)
        Statics::LeastChange.new(
          rig,
          body: body,
          lines: given.fetch("lines_to_change").map { |name| line(rig, name) },
          limit_deg: given.fetch("tilt_limit_deg"),
          most_m: given.fetch("most_change_m")
        )
      end

      def line(rig, name)
        rig.lines.index { |line| line.name == name } or raise ArgumentError, "there is no line #{name} to change"
      end
      private_class_method :line, :cell, :names, :untold, :least_change
    end
  end
end
