# Makes a crane's chart from a small model, so that its rows agree with each other.
#
# Stability: the load that tips the machine about an edge, times the share that is rated.
# Strength: what the boom itself may carry, falling with radius and with length.
# The lesser of both, rounded down, at every radius that the boom reaches between its steepest and
# flattest angle. All the figures are made up.
class CraneModel
  RATED_SHARE = 0.85
  STEP_KG = 50

  def initialize(
    machine_kg:,
    machine_behind_m:,
    boom_kg_per_m:,
    strongest_kg:,
    strongest_m:,
    shortest_m:,
    foot_radius_m:,
    steepest_deg: 80,
    flattest_deg: 18,
    rated_share: RATED_SHARE
  )
    @machine_kg = machine_kg
    @machine_behind_m = machine_behind_m
    @boom_kg_per_m = boom_kg_per_m
    @strongest_kg = strongest_kg
    @strongest_m = strongest_m
    @shortest_m = shortest_m
    @foot_radius_m = foot_radius_m
    @steepest_deg = steepest_deg
    @flattest_deg = flattest_deg
    @rated_share = rated_share
  end

  # Rows by radius, cells by boom length, kg; nil where the boom cannot stand. edge_m: slewing axis to the
  # tipping edge of the sector.
  def table(radii, booms, edge_m)
    radii.map { |radius| never_more(booms.map { |boom| reaches?(radius, boom) ? cell(radius, boom, edge_m) : nil }) }
  end

  # No page gives more with a longer boom.
  def never_more(row)
    most = Float::INFINITY
    row.map { |kg| kg && (most = [ most, kg ].min) }
  end

  # A mark for each cell: where strength is the lesser, and where the bare machine leans least to the rear.
  def marks(radii, booms, edge_m)
    radii.map do |radius|
      booms.map { |boom| reaches?(radius, boom) && cell(radius, boom, edge_m) ? mark(radius, boom, edge_m) : nil }
    end
  end

  # Rows by boom angle for a jib at the tip, offset below the boom's line: what the jib bears, less with every degree
  # that it lies flatter, and never more than the machine holds at that radius.
  def jib_table(angles, booms, edge_m, jib_m, offset_deg, strongest_jib_kg, foot_height_m)
    angles.map do |angle|
      booms.map do |boom|
        tip =
          DustLadder::Cranes::Boom.new(
            length: boom,
            foot_radius: @foot_radius_m,
            foot_height: foot_height_m,
            jib: jib_m,
            offset: offset_deg
          )
        radius = tip.radius_at(angle)
        kg = [
          strongest_jib_kg * Math.sin((angle - offset_deg) * Math::PI / 180),
          stability(radius, boom + jib_m, edge_m) * @rated_share * 0.9
        ].min
        kg < 4 * STEP_KG ? nil : (kg / STEP_KG).floor * STEP_KG
      end
    end
  end

  private

  def mark(radius, boom, edge)
    return "rearward" if radius < boom * Math.cos((@steepest_deg - 2) * Math::PI / 180) + @foot_radius_m

    strength(radius, boom) < stability(radius, boom, edge) * @rated_share ? "strength" : nil
  end

  def reaches?(radius, boom)
    level = radius - @foot_radius_m
    level.between?(boom * Math.cos(@steepest_deg * Math::PI / 180), boom * Math.cos(@flattest_deg * Math::PI / 180))
  end

  def cell(radius, boom, edge)
    kg = [ stability(radius, boom, edge) * @rated_share, strength(radius, boom) ].min
    kg < 4 * STEP_KG ? nil : (kg / STEP_KG).floor * STEP_KG
  end

  def stability(radius, boom, edge)
    boom_moment = @boom_kg_per_m * boom * ((radius + @foot_radius_m) / 2 - edge)
    return Float::INFINITY if radius <= edge

    (@machine_kg * (edge + @machine_behind_m) - boom_moment) / (radius - edge)
  end

  def strength(radius, boom)
    @strongest_kg * (@strongest_m / radius)**0.75 * (@shortest_m / boom)**0.5
  end
end
