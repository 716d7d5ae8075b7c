# Makes a crane's chart from a small model, so that its rows agree with each other.
#
# Stability: the load that tips the machine about an outrigger edge, times the share that is rated.
# Strength: what the boom itself may carry, falling with radius and with length.
# The lesser of both, rounded down, at every radius that the boom reaches between its steepest and
# flattest angle. All the figures are made up.
class CraneModel
  RATED_SHARE = 0.85
  STEP_KG = 50

  def initialize(machine_kg:, machine_behind_m:, boom_kg_per_m:, strongest_kg:, strongest_m:, shortest_m:, foot_radius_m:, steepest_deg: 80, flattest_deg: 18)
    @machine_kg = machine_kg
    @machine_behind_m = machine_behind_m
    @boom_kg_per_m = boom_kg_per_m
    @strongest_kg = strongest_kg
    @strongest_m = strongest_m
    @shortest_m = shortest_m
    @foot_radius_m = foot_radius_m
    @steepest_deg = steepest_deg
    @flattest_deg = flattest_deg
  end

  # Rows by radius, cells by boom length, kg; nil where the boom cannot stand. edge_m: slewing axis to the
  # tipping edge of the sector.
  def table(radii, booms, edge_m)
    radii.map { |radius| booms.map { |boom| reaches?(radius, boom) ? cell(radius, boom, edge_m) : nil } }
  end

  private

  def reaches?(radius, boom)
    level = radius - @foot_radius_m
    level.between?(boom * Math.cos(@steepest_deg * Math::PI / 180), boom * Math.cos(@flattest_deg * Math::PI / 180))
  end

  def cell(radius, boom, edge)
    kg = [ stability(radius, boom, edge) * RATED_SHARE, strength(radius, boom) ].min
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
