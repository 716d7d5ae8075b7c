# Gear of the demo's store that is neither sling nor beam, as its keeper wrote it.
module DemoGear
  EXAMINED = { "state" => "ready", "use" => "normal", "examined" => "2026-09-14" }.freeze

  def self.bow(number, wll, size, mass, section, pin)
    {
      "number" => number,
      "kind" => "shackle",
      "size" => "bow, #{size}",
      "wll" => wll,
      "mass" => mass,
      "section" => section,
      "pin" => pin,
      "maker" => "Mesquite Works",
      "place" => "bin 1, shackles"
    }
  end

  def self.of(number, kind, size, place, **more)
    { "number" => number, "kind" => kind, "size" => size, "place" => place, **more.transform_keys(&:to_s) }
  end

  FITTINGS = [
    bow("S-11", "2 t", "13 mm", "0.6 kg", "13 mm", "16 mm"),
    bow("S-12", "2 t", "13 mm", "0.6 kg", "13 mm", "16 mm"),
    bow("S-21", "4.75 t", "19 mm", "1.8 kg", "19 mm", "22 mm"),
    bow("S-22", "4.75 t", "19 mm", "1.8 kg", "19 mm", "22 mm"),
    bow("S-31", "8.5 t", "25 mm", "4.2 kg", "25 mm", "28 mm"),
    of(
      "HR-1",
      "hoist_ring",
      "M24, swivel",
      "bin 2, rings",
      wll: "3.15 t",
      mass: "1.4 kg",
      thread: "24 mm",
      shank: "36 mm"
    ),
    of(
      "HR-2",
      "hoist_ring",
      "M24, swivel",
      "bin 2, rings",
      wll: "3.15 t",
      mass: "1.4 kg",
      thread: "24 mm",
      shank: "36 mm"
    ),
    of("H-4", "hook", "sling hook, 3 t", "bin 2, rings", wll: "3 t", mass: "1.9 kg", throat: "34 mm", section: "28 mm"),
    of(
      "ML-4",
      "master_link",
      "32 mm",
      "bin 2, rings",
      wll: "11 t",
      mass: "5.1 kg",
      section: "32 mm",
      inside_long: "200 mm",
      inside_wide: "110 mm"
    ),
    of(
      "PC-1",
      "plate_clamp",
      "upright plates",
      "bin 3, clamps",
      wll: "2 t",
      mass: "5.5 kg",
      grips_from: "5 mm",
      grips_to: "25 mm",
      use: "hard",
      examined: "2026-10-01"
    ),
    of("LC-1", "load_cell", "shackle type", "office, case 2", wll: "12.5 t", mass: "4 kg", serial: "LC-0417")
  ].map { |fields| EXAMINED.merge(fields) }.freeze

  SUPPORTS =
    Array
      .new(4) do |index|
        of(
          "M-#{index + 1}",
          "mat",
          "oak on steel",
          "yard, mats",
          lengthways: "1.2 m",
          wide: "1.2 m",
          thick: "100 mm",
          mass: "110 kg",
          kpa: "600 kPa",
          state: "ready"
        )
      end
      .freeze

  MACHINES = [
    of(
      "FH-2",
      "fixed_hoist",
      "chain hoist, workshop",
      "workshop, beam 1",
      wll: "2 t",
      serial: "FH-2291",
      falls: "1",
      throat: "28 mm"
    ),
    of("Juniper", "crane", "mobile, four axles", "crane yard", serial: "JU-3307", throat: "60 mm"),
    of(
      "Sagebrush",
      "crane",
      "mobile, two axles",
      "crane yard",
      serial: "SB-1180",
      throat: "52 mm",
      examined: "2026-01-20"
    )
  ].map { |fields| EXAMINED.merge(fields) }.freeze

  ALL = (FITTINGS + SUPPORTS + MACHINES).freeze
end
