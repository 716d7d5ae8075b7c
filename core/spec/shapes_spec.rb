# Every shape against a second way to get at its volume and its centre.
RSpec.describe DustLadder::Load::Shape do
  def solve(id, *values)
    variant = described_class::ALL.fetch(id).variants.find { |one| one.measures.size == values.size }
    variant.solve(values)
  end

  def volume(id, *values) = solve(id, *values).then { |result| result.steps[steps(id, values).index("V")] }
  def steps(id, values) =
    described_class::ALL.fetch(id).variants.find { |one| one.measures.size == values.size }.steps.map(&:symbol)

  # A body of revolution by thin rings: `inside` tells of a place (height above the base, distance from the axis)
  # whether it is solid. Returns volume, and the centre's height above the base.
  def by_rings(height, radius, parts: 500)
    cell = height / parts * radius / parts
    sums =
      (0...parts)
        .to_a
        .product((0...parts).to_a)
        .each_with_object([ 0.0, 0.0 ]) do |(up, out), sum|
          u, r = (up + 0.5) * height / parts, (out + 0.5) * radius / parts
          next unless yield(u, r)

          ring = 2 * Math::PI * r * cell
          sum[0] += ring
          sum[1] += ring * u
        end
    [ sums[0], sums[1] / sums[0] ]
  end

  # Distance of a place to the slant of a cone or frustum with base and top radius.
  def to_slant(u, r, base, top, height) =
    (base - (base - top) / height * u - r) / Math.sqrt(1 + ((base - top) / height)**2)

  {
    "a cone" => [ "cone", [ 1.2, 0.9 ], 0.9, 0.6, ->(u, r) { r <= 0.6 * (1 - u / 0.9) } ],
    "a hollow cone" => [
      "cone",
      [ 1.2, 0.9, 0.05 ],
      0.9,
      0.6,
      ->(u, r) { (slant = to_slant(u, r, 0.6, 0.0, 0.9)) >= 0 && [ slant, u ].min <= 0.05 }
    ],
    "a frustum" => [ "frustum", [ 1.2, 0.5, 0.8 ], 0.8, 0.6, ->(u, r) { to_slant(u, r, 0.6, 0.25, 0.8) >= 0 } ],
    "a hollow frustum" => [
      "frustum",
      [ 1.2, 0.5, 0.8, 0.06 ],
      0.8,
      0.6,
      ->(u, r) { (slant = to_slant(u, r, 0.6, 0.25, 0.8)) >= 0 && [ slant, u, 0.8 - u ].min <= 0.06 }
    ],
    "a frustum that widens" => [
      "frustum",
      [ 0.5, 1.2, 0.8, 0.06 ],
      0.8,
      0.6,
      ->(u, r) { (slant = to_slant(u, r, 0.25, 0.6, 0.8)) >= 0 && [ slant, u, 0.8 - u ].min <= 0.06 }
    ],
    "a flat cap" => [ "spherical_cap", [ 1.2, 0.3 ], 0.3, 0.6, ->(u, r) { r**2 + (u + 0.75 - 0.3)**2 <= 0.75**2 } ],
    "a shell of a cap" => [
      "spherical_cap",
      [ 1.2, 0.3, 0.04 ],
      0.3,
      0.6,
      ->(u, r) { (r**2 + (u + 0.45)**2).between?(0.71**2, 0.75**2) }
    ],
    "a cap of more than half a ball" => [
      "spherical_cap",
      [ 0.8, 0.8 ],
      0.8,
      0.5,
      ->(u, r) { r**2 + (u - 0.3)**2 <= 0.5**2 }
    ],
    "a hollow cylinder" => [ "cylinder", [ 1.2, 0.9, 0.05 ], 0.9, 0.6, ->(u, r) {
      [ u, 0.9 - u, 0.6 - r ].min <= 0.05
    } ],
    "a hollow ball" => [ "sphere", [ 1.2, 0.1 ], 1.2, 0.6, ->(u, r) { (r**2 + (u - 0.6)**2).between?(0.5**2, 0.6**2) } ]
  }.each do |words, (id, values, height, radius, inside)|
    it "#{words}: volume and centre agree with thin rings" do
      wanted, up = by_rings(height, radius) { |u, r| instance_exec(u, r, &inside) }
      result = solve(id, *values)
      expect(volume(id, *values)).to be_within(0.013 * wanted).of(wanted)
      expect(result.extent[0] / 2 + result.offset[0]).to be_within(0.004 * height).of(up)
    end
  end

  # Area and centre of a polygon, from its corners.
  def polygon(points)
    pairs = points.zip(points.rotate)
    area = pairs.sum { |(ax, ay), (bx, by)| ax * by - bx * ay } / 2
    [
      area,
      pairs.sum { |(ax, ay), (bx, by)| (ax + bx) * (ax * by - bx * ay) } / 6 / area,
      pairs.sum { |(ax, ay), (bx, by)| (ay + by) * (ax * by - bx * ay) } / 6 / area
    ]
  end

  {
    "an angle" => [
      "angle",
      [ 0.15, 0.10, 0.012, 2.0 ],
      [ [ 0, 0 ], [ 0.10, 0 ], [ 0.10, 0.012 ], [ 0.012, 0.012 ], [ 0.012, 0.15 ], [ 0, 0.15 ] ]
    ],
    "a channel" => [
      "channel",
      [ 0.2, 0.08, 0.009, 0.013, 2.0 ],
      [ [ 0, 0 ], [ 0.08, 0 ], [ 0.08, 0.013 ], [ 0.009, 0.013 ], [ 0.009, 0.187 ], [ 0.08, 0.187 ], [ 0.08, 0.2 ],
        [ 0, 0.2 ] ]
    ],
    "an I section" => [
      "i_section",
      [ 0.3, 0.15, 0.007, 0.011, 2.0 ],
      [
        [ 0, 0 ],
        [ 0.15, 0 ],
        [ 0.15, 0.011 ],
        [ 0.0785, 0.011 ],
        [ 0.0785, 0.289 ],
        [ 0.15, 0.289 ],
        [ 0.15, 0.3 ],
        [ 0, 0.3 ],
        [ 0, 0.289 ],
        [ 0.0715, 0.289 ],
        [ 0.0715, 0.011 ],
        [ 0, 0.011 ]
      ]
    ]
  }.each do |words, (id, values, corners)|
    it "#{words}: area and centre agree with the polygon of its corners" do
      area, v, w = polygon(corners)
      result = solve(id, *values)
      expect(volume(id, *values)).to be_within(1e-12).of(area * 2.0)
      expect(result.extent[1] / 2 + result.offset[1]).to be_within(1e-12).of(v)
      expect(result.extent[2] / 2 + result.offset[2]).to be_within(1e-12).of(w)
    end
  end

  # [tube diameter, bend radius, degrees, wall or nil]
  [
    [ 0.3, 0.6, 90.0, nil ],
    [ 0.3, 0.6, 90.0, 0.02 ],
    [ 0.2, 0.5, 240.0, nil ],
    [ 0.2, 0.5, 180.0, 0.05 ]
  ].each do |d, radius, angle, wall|
    it "a bend of #{angle.round}°#{" of tube" if wall}: volume and centre agree with small cells" do
      cells = 160
      sum = moment = 0.0
      (0...cells)
        .to_a
        .product((0...cells).to_a) do |i, j|
          out, up = d * ((i + 0.5) / cells - 0.5), d * ((j + 0.5) / cells - 0.5)
          far = Math.hypot(out, up)
          next if far > d / 2 || (wall && far < d / 2 - wall)

          sum += (d / cells)**2 * (radius + out) * angle * Math::PI / 180
          moment += (d / cells)**2 * (radius + out)**2 * 2 * Math.sin(angle * Math::PI / 360)
        end
      values = [ d, radius, angle, wall ].compact
      result = solve("torus_segment", *values)
      expect(volume("torus_segment", *values)).to be_within(0.005 * sum).of(sum)
      near =
        if angle < 180
          (radius - d / 2) * Math.cos(angle * Math::PI / 360)
        else
          (radius + d / 2) * Math.cos(angle * Math::PI / 360)
        end
      expect(near + result.extent[0] / 2 + result.offset[0]).to be_within(0.003).of(moment / sum)
    end
  end

  it "grows with the cube when every length grows, whatever the shape" do
    described_class::ALL.each_value do |shape|
      shape
        .variants
        .select { |variant| variant.result == "V" }
        .each do |variant|
          values =
            variant.measures.map do |measure|
              {
                length:
                  measure.name.match?(/wall|thickness|web|flange/) ?
                    0.02 :
                    measure.name == "top diameter" ? 0.6 : 0.9,
                angle: 75.0,
                area: 0.04,
                volume: 0.3,
                fill: 0.4
              }.fetch(measure.kind)
            end
          larger =
            variant
              .measures
              .zip(values)
              .map { |measure, value| value * { length: 2.5, area: 2.5**2, volume: 2.5**3 }.fetch(measure.kind, 1.0) }
          symbols = variant.steps.map(&:symbol)
          small, large =
            [ values, larger ].map do |given|
              symbols.include?("V") ? variant.solve(given).steps[symbols.index("V")] : given.first
            end
          expect(large).to be_within(1e-9 * large).of(small * 2.5**3), shape.id
          variant
            .solve(values)
            .extent
            .zip(variant.solve(larger).extent) do |one, other|
              expect(other).to be_within(1e-9).of(one * 2.5), shape.id
            end
        end
    end
  end

  # [shape, size, what is wrong]
  [
    [ "pipe", "60 mm x 30 mm x 2 m", /leaves no bore/ ],
    [ "angle", "50 mm x 50 mm x 60 mm x 1 m", /leaves no leg/ ],
    [ "i section", "20 mm x 100 mm x 6 mm x 10 mm x 1 m", /flanges meet/ ],
    [ "box", "1 m x 1 m x 100 mm x 50 mm", /walls meet/ ],
    [ "cone", "1 m x 1 m x 400 mm", /walls meet/ ],
    [ "bend", "500 mm x 200 mm x 90 deg", /wider than its bend/ ],
    [ "bend", "100 mm x 200 mm x 400 deg", /360/ ]
  ].each do |shape, size, words|
    it "refuses a #{shape} of #{size}" do
      expect(take_off(part(shape, size, "steel")).rows.first.problems.map(&:message)).to include(words)
    end
  end

  it "knows each by its title, and by other words that no two share" do
    described_class::ALL.each_value { |shape| expect(described_class.named(shape.title.upcase)).to be(shape) }
    words =
      described_class::ALL.values.flat_map do |shape|
        [ shape.id.tr("_", " "), shape.title.downcase, *shape.words ].uniq
      end
    expect(words.tally.select { |_, times| times > 1 }).to be_empty
  end

  it "has standard parts that can all be read once their length is written" do
    DustLadder::Load::StandardParts::ALL.each do |standard|
      row = take_off(part(standard.shape.title, standard.size.gsub("…", "2 m"), "steel")).rows.first
      expect(row.problems).to be_empty, standard.title
      expect(row.kg).to be > 0
    end
    expect(DustLadder::Load::StandardParts.search("Angle 100x100").map(&:title)).to eq(
      [ "Angle, 100 × 100 × 8 mm", "Angle, 100 × 100 × 10 mm" ]
    )
  end
end
