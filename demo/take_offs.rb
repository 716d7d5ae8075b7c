# The parts of four of the demo's loads, as a planner at Saltpan Array took them off.
module TakeOffs
  FIELDS = %w[name shape size lies material quantity x y z to basis fluid note].freeze

  module_function

  def row(name, shape, size, material, x, y, z, lies: "", n: "", to: "", basis: "", fluid: "", note: "")
    FIELDS.zip([ name, shape, size, lies, material, n, x, y, z, to, basis, fluid, note ]).to_h
  end

  def list(*parts, groups: {})
    {
      "parts" => parts,
      "groups" => groups.map { |title, rows| { "title" => title, "parts" => rows } },
      "materials" => []
    }
  end

  def rack
    posts = [ %w[0 0], [ "550 mm", "0" ], [ "0", "750 mm" ], [ "550 mm", "750 mm" ] ]
    [
      *posts.map do |x, y|
        row("Post", "angle", "50 mm x 50 mm x 5 mm x 2.0 m", "steel", x, y, "0", lies: "z", to: "corner")
      end,
      row(
        "Side panels",
        "plate",
        "750 mm x 1.9 m x 1.5 mm",
        "steel",
        "0.30 m",
        "0.40 m",
        "1.0 m",
        lies: "yz",
        n: "2"
      ),
      row("Shelves", "plate", "550 mm x 750 mm x 2 mm", "steel", "0.30 m", "0.40 m", "0.9 m", n: "5"),
      row(
        "Receivers and power supply",
        "known item",
        "142 kg x 0.5 m x 0.7 m x 1.2 m",
        "",
        "0.30 m",
        "0.40 m",
        "0.75 m",
        basis: "certified",
        note: "packing list 71-09"
      )
    ]
  end

  def receiver_cabin
    list(
      row(
        "Skid runners",
        "i section",
        "200 mm x 100 mm x 6 mm x 8.5 mm x 4.80 m",
        "steel",
        "2.40 m",
        "0.25 m",
        "100 mm"
      ),
      row(
        "Skid runners",
        "i section",
        "200 mm x 100 mm x 6 mm x 8.5 mm x 4.80 m",
        "steel",
        "2.40 m",
        "2.05 m",
        "100 mm"
      ),
      row(
        "Cross members",
        "channel",
        "160 mm x 65 mm x 7.5 mm x 10.5 mm x 2.10 m",
        "steel",
        "2.40 m",
        "1.15 m",
        "100 mm",
        lies: "y",
        n: "5"
      ),
      row("Floor", "plate", "4.80 m x 2.30 m x 5 mm", "steel", "0", "0", "200 mm", to: "corner"),
      *[ %w[0 0], [ "4.70 m", "0" ], [ "0", "2.20 m" ], [ "4.70 m", "2.20 m" ] ].map do |x, y|
        row("Corner post", "square tube", "100 mm x 5 mm x 2.30 m", "steel", x, y, "205 mm", lies: "z", to: "corner")
      end,
      row(
        "Roof frame, long",
        "rectangular tube",
        "100 mm x 60 mm x 5 mm x 4.80 m",
        "steel",
        "0",
        "0",
        "2.50 m",
        to: "corner"
      ),
      row(
        "Roof frame, long",
        "rectangular tube",
        "100 mm x 60 mm x 5 mm x 4.80 m",
        "steel",
        "0",
        "2.24 m",
        "2.50 m",
        to: "corner"
      ),
      row(
        "Roof frame, cross",
        "rectangular tube",
        "100 mm x 60 mm x 5 mm x 2.18 m",
        "steel",
        "2.40 m",
        "1.15 m",
        "2.55 m",
        lies: "y",
        n: "3"
      ),
      row(
        "Long walls",
        "sheet",
        "14 kg/m2 x 4.70 m x 2.28 m",
        "",
        "2.35 m",
        "1.15 m",
        "1.35 m",
        lies: "xz",
        n: "2",
        note: "sandwich panel 100 mm"
      ),
      row(
        "Door opening",
        "sheet",
        "14 kg/m2 x 0.95 m x 2.05 m",
        "",
        "0.90 m",
        "30 mm",
        "1.25 m",
        lies: "xz",
        n: "-1"
      ),
      row("End walls", "sheet", "14 kg/m2 x 2.20 m x 2.28 m", "", "2.40 m", "1.15 m", "1.35 m", lies: "yz", n: "2"),
      row("Roof", "sheet", "14 kg/m2 x 4.80 m x 2.30 m", "", "2.40 m", "1.15 m", "2.58 m"),
      row(
        "Door leaf",
        "known item",
        "46 kg x 0.95 m x 60 mm x 2.05 m",
        "",
        "0.90 m",
        "30 mm",
        "1.25 m",
        basis: "certified"
      ),
      *[ "1.30 m", "2.20 m", "3.10 m" ].map { |x| row("Rack", "Equipment rack", "", "", x, "1.45 m", "205 mm") },
      row(
        "Air handler",
        "known item",
        "188 kg x 0.7 m x 0.6 m x 1.1 m",
        "",
        "4.25 m",
        "0.55 m",
        "0.80 m",
        basis: "certified",
        note: "plate"
      ),
      row(
        "Battery bank",
        "known item",
        "705 lb x 3'0\" x 1'8\" x 1'6\"",
        "",
        "7'10\"",
        "1'5\"",
        "1'5\"",
        basis: "weighed",
        note: "pallet scale"
      ),
      row("Cable, trays and fixings", "known item", "160 kg", "", "2.50 m", "1.10 m", "2.20 m", basis: "estimated"),
      groups: {
        "Equipment rack" => rack
      }
    )
  end

  def brine_tank
    list(
      row("Frame, long", "square tube", "80 mm x 5 mm x 2.60 m", "steel", "0", "0", "0", to: "corner"),
      row("Frame, long", "square tube", "80 mm x 5 mm x 2.60 m", "steel", "0", "1.32 m", "0", to: "corner"),
      row(
        "Frame, cross",
        "square tube",
        "80 mm x 5 mm x 1.24 m",
        "steel",
        "1.30 m",
        "0.70 m",
        "40 mm",
        lies: "y",
        n: "4"
      ),
      *[ %w[0 0], [ "2.52 m", "0" ], [ "0", "1.32 m" ], [ "2.52 m", "1.32 m" ] ].map do |x, y|
        row("Post", "square tube", "80 mm x 5 mm x 1.42 m", "steel", x, y, "80 mm", lies: "z", to: "corner")
      end,
      row(
        "Top beam",
        "rectangular tube",
        "120 mm x 80 mm x 5 mm x 2.60 m",
        "steel",
        "0",
        "0.66 m",
        "1.50 m",
        to: "corner"
      ),
      row(
        "Top beam, cross",
        "square tube",
        "80 mm x 5 mm x 1.24 m",
        "steel",
        "1.30 m",
        "0.70 m",
        "1.54 m",
        lies: "y",
        n: "2"
      ),
      row(
        "Tank",
        "box",
        "2.40 m x 1.20 m x 1.20 m x 12 mm",
        "plastic, solid",
        "100 mm",
        "100 mm",
        "80 mm",
        to: "corner"
      ),
      row(
        "Brine",
        "fluid in a box tank",
        "2.37 m x 1.17 m x 1.17 m x 50 %",
        "brine",
        "115 mm",
        "115 mm",
        "95 mm",
        to: "corner",
        note: "no baffles"
      ),
      row("Pump", "known item", "64 kg x 0.3 m x 0.3 m x 0.4 m", "", "1.30 m", "0.70 m", "1.42 m", basis: "certified")
    )
  end

  def bay
    faces = [
      [ "0.75 m", "0", "0.45 m", "x, 31° about y" ],
      [ "0.75 m", "0.90 m", "0.45 m", "x, -31° about y" ],
      [ "0.75 m", "0.45 m", "0", "x, 31° about z" ],
      [ "0.75 m", "0.45 m", "0.90 m", "x, -31° about z" ]
    ]
    ring = [ [ "0", "0.45 m", "z" ], [ "0.90 m", "0.45 m", "z" ], [ "0.45 m", "0", "y" ], [ "0.45 m", "0.90 m", "y" ] ]
    [
      *faces.map do |x, y, z, lies|
        row("Diagonal", "angle", "50 mm x 50 mm x 5 mm x 1.70 m", "steel", x, y, z, lies: lies)
      end,
      *ring.map do |y, z, lies|
        row("Ring", "angle", "60 mm x 60 mm x 6 mm x 0.86 m", "steel", "50 mm", y, z, lies: lies)
      end
    ]
  end

  def mast_section
    corners = [ [ "50 mm", "50 mm" ], [ "0.95 m", "50 mm" ], [ "50 mm", "0.95 m" ], [ "0.95 m", "0.95 m" ] ]
    list(
      *corners.map { |y, z| row("Chord", "angle", "100 mm x 100 mm x 10 mm x 6.00 m", "steel", "3.00 m", y, z) },
      *[ "0", "1.50 m", "3.00 m", "4.50 m" ].map { |x| row("Bay", "Bracing bay", "", "", x, "50 mm", "50 mm") },
      *[ "10 mm", "5.99 m" ].map do |x|
        row("End flange", "plate", "1.0 m x 1.0 m x 20 mm", "steel", x, "0.50 m", "0.50 m", lies: "yz")
      end,
      *[ "10 mm", "5.99 m" ].map do |x|
        row("Hole in flange", "cylinder", "0.6 m x 20 mm", "steel", x, "0.50 m", "0.50 m", lies: "x", n: "-1")
      end,
      row("Climbing ladder", "section", "7.4 kg/m x 6.00 m", "", "3.00 m", "0.50 m", "0.12 m"),
      row("Galvanising and bolts", "known item", "38 kg", "", "3.00 m", "0.50 m", "0.50 m", basis: "estimated"),
      groups: {
        "Bracing bay" => bay
      }
    )
  end

  def dish_panel
    list(
      row("Bearers", "square bar", "100 mm x 2.60 m", "softwood", "0", "0.10 m", "0", to: "corner"),
      row("Bearers", "square bar", "100 mm x 2.60 m", "softwood", "0", "1.20 m", "0", to: "corner"),
      row("Floor and lid", "plate", "2.60 m x 1.40 m x 18 mm", "plywood", "1.30 m", "0.70 m", "0.60 m", n: "2"),
      row("Sides", "plate", "2.60 m x 0.96 m x 18 mm", "plywood", "1.30 m", "0.70 m", "0.60 m", lies: "xz", n: "2"),
      row("Ends", "plate", "1.36 m x 0.96 m x 18 mm", "plywood", "1.30 m", "0.70 m", "0.60 m", lies: "yz", n: "2"),
      row(
        "Dish panel, on its cradle",
        "known item",
        "410 kg x 2.3 m x 1.2 m x 0.8 m",
        "",
        "1.35 m",
        "0.70 m",
        "0.55 m",
        basis: "estimated",
        note: "no plate; a like panel was 390 kg"
      )
    )
  end
end
