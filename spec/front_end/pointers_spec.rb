# Documents on the screen: what changed, and what becomes of it when somebody else changed it too.
RSpec.describe "Places of a plan in the front end" do
  place = "plan/pointers.ts"
  define_method(:difference) { |from, to| front(place, "difference", from, to) }
  define_method(:with_values) { |document, changes| front(place, "withValues", document, changes) }
  define_method(:merge) { |base, mine, theirs| front(place, "merge", base, mine, theirs) }
  define_method(:at) { |document, pointer| front(place, "at", document, pointer) }

  let(:base) { demo_document("transformer") }
  let(:random) { Random.new(11) }

  def copy(document) = JSON.parse(JSON.generate(document))
  def applied(document, told)
    told["gone"].reduce(with_values(document, told["changes"])) do |now, pointer|
      *path, last = pointer.split("/").drop(1).map { |part| part.gsub("~1", "/").gsub("~0", "~") }
      copy(now).tap { |changed|
        path.reduce(changed) { |place, key|
          place.is_a?(Array) ? place[key.to_i] : place[key]
        }.delete(last)
      }
    end
  end

  # Pointers of typed values, [pointer, value].
  def typed(document, pointer = "")
    case document
    when Hash then document.except("snapshots").flat_map { |key, value| typed(value, "#{pointer}/#{key}") }
    when Array then document.each_with_index.flat_map { |value, index| typed(value, "#{pointer}/#{index}") }
    when String then [ [ pointer, document ] ]
    else []
    end
  end

  def set(document, pointer, value)
    *path, last = pointer.split("/").drop(1)
    place = path.reduce(document) { |node, key| node.is_a?(Array) ? node[key.to_i] : node[key] }
    place.is_a?(Array) ? place[last.to_i] = value : place[last] = value
  end

  it "tell what makes one document the other, and nothing of what they share" do
    %w[transformer brine-tank dish-panel feed-horn].combination(2) do |one, other|
      from, to = demo_document(one), demo_document(other)
      expect(applied(from, difference(from, to))).to eq(to)
    end
    expect(difference(base, copy(base))).to eq("changes" => {}, "gone" => [])
    changed = copy(base).tap { |one| one["load"]["weight"]["bare"] = "1 t" }
    expect(difference(base, changed)).to eq("changes" => { "/load/weight/bare" => "1 t" }, "gone" => [])
  end

  it "are named by pointers in which a slash and a tilde are written so" do
    odd = { "a/b" => { "c~d" => 1, "" => 2 } }
    expect(front(place, "at", odd, "/a~1b/c~0d")).to eq(1)
    expect(with_values(odd, { "/a~1b/c~0d" => 5 })).to eq("a/b" => { "c~d" => 5, "" => 2 })
    expect(difference(odd, { "a/b" => { "c~d" => 3, "" => 2 } })["changes"]).to eq("/a~1b/c~0d" => 3)
    expect(front(place, "at", odd, "/nothing/there/at/all")).to be_nil
  end

  it "never change a document in place" do
    before = copy(base)
    with_values(base, { "/load/points/0/x" => "9 m" })
    expect(base).to eq(before)
  end

  it "are all kept where two people changed different places, whatever they are" do
    places = typed(base).map(&:first).reject { |pointer| pointer.match?(%r{\A/(format|version|rule_set)}) }
    40.times do
      own, other = places.sample(6, random: random).each_slice(3).to_a
      mine, theirs = copy(base), copy(base)
      own.each { |pointer| set(mine, pointer, "mine") }
      other.each { |pointer| set(theirs, pointer, "theirs") }
      found = merge(base, mine, theirs)
      # A list that is a value of its own cannot be mixed: then both are told, and nothing is lost in silence.
      said = found["clashes"].map { |clash| clash["pointer"] }
      own.each do |pointer|
        in_clash = said.any? { |one| pointer.start_with?(one) }
        expect(at(found["merged"], pointer)).to eq("mine"), pointer unless in_clash
      end
      other.each { |pointer| expect(at(found["merged"], pointer)).to eq("theirs"), pointer }
    end
  end

  it "of one crane are mixed field by field: its wind by one, its boom, a station and an identity field by another" do
    mine, theirs = copy(base), copy(base)
    mine["cranes"][0]["wind"] = "4 m/s"
    mine["cranes"][0]["stations"][0]["radius"] = "9.1 m"
    theirs["cranes"][0]["boom_length"] = "22 m"
    theirs["cranes"][0]["stations"][1]["slew"] = "75 deg"
    theirs["cranes"][0]["as_rigged"]["rope"] = "another"
    found = merge(base, mine, theirs)
    expect(found["clashes"]).to eq([])
    crane = found["merged"]["cranes"][0]
    expect([ crane["wind"], crane["boom_length"], crane["stations"][0]["radius"], crane["stations"][1]["slew"] ]).to eq(
      [ "4 m/s", "22 m", "9.1 m", "75 deg" ]
    )
    expect(crane["as_rigged"]["rope"]).to eq("another")
  end

  it "clash where both changed one differently, theirs standing until somebody decides, and not where alike" do
    mine, theirs = copy(base), copy(base)
    mine["load"]["weight"]["bare"] = "5 t"
    theirs["load"]["weight"]["bare"] = "6 t"
    [ mine, theirs ].each { |one| one["cranes"][0]["wind"] = "7 m/s" }
    found = merge(base, mine, theirs)
    expect(found["clashes"]).to eq([ { "pointer" => "/load/weight/bare", "mine" => "5 t", "theirs" => "6 t" } ])
    expect(found["merged"]["load"]["weight"]["bare"]).to eq("6 t")
    expect(found["merged"]["cranes"][0]["wind"]).to eq("7 m/s")
  end

  it "clash as whole lists where one added a point and the other moved one, and the crane is no part of it" do
    mine, theirs = copy(base), copy(base)
    mine["load"]["points"] << copy(mine["load"]["points"].last)
    mine["cranes"][0]["wind"] = "7 m/s"
    theirs["load"]["points"][0]["x"] = "1.234 m"
    theirs["cranes"][0]["boom_length"] = "22 m"
    found = merge(base, mine, theirs)
    expect(found["clashes"].map { |clash| clash["pointer"] }).to eq([ "/load/points" ])
    expect(found["merged"]["load"]["points"]).to eq(theirs["load"]["points"])
    expect(found["merged"]["cranes"][0].slice("wind", "boom_length")).to eq("wind" => "7 m/s", "boom_length" => "22 m")
  end

  describe "of something that is there or not, as a whole" do
    beam = { "name" => "", "mass" => "1 t" }
    without, with = [ nil, beam ].map { |one| { "title" => "a", "tandem" => { "beam" => one, "does" => "carry" } } }
    renamed = ->(document) { document.merge("title" => "b") }
    heavier = ->(document) { document.merge("tandem" => { "beam" => beam.merge("mass" => "2 t"), "does" => "carry" }) }

    it "keep it where one put it there, and is gone where one took it away, and nobody else touched it" do
      expect(merge(without, with, renamed.(without))).to include("merged" => renamed.(with), "clashes" => [])
      expect(merge(with, without, renamed.(with))).to include("merged" => renamed.(without), "clashes" => [])
      bare = without.except("tandem")
      expect(merge(bare, with, renamed.(bare))).to include("merged" => renamed.(with), "clashes" => [])
    end

    it "clash as a whole where one took it away and the other changed it" do
      changed = heavier.(with)
      one, other = merge(with, without, renamed.(changed)), merge(with, changed, renamed.(without))
      expect(one["clashes"]).to match([ include("pointer" => "/tandem/beam", "theirs" => beam.merge("mass" => "2 t")) ])
      expect(one["merged"]).to eq(renamed.(changed))
      expect(other["clashes"]).to match([ include("pointer" => "/tandem/beam", "mine" => beam.merge("mass" => "2 t")) ])
      expect(other["merged"]).to eq(renamed.(without))
    end
  end

  it "keep every station where one added one and nobody else touched them" do
    mine, theirs = copy(base), copy(base)
    mine["cranes"][0]["stations"].insert(1, copy(mine["cranes"][0]["stations"][0]).merge("name" => "between"))
    theirs["cranes"][0]["wind"] = "4 m/s"
    found = merge(base, mine, theirs)
    expect(found["clashes"]).to eq([])
    expect(found["merged"]["cranes"][0]["stations"].map { |one| one["name"] }).to include("between")
    expect(found["merged"]["cranes"][0]["wind"]).to eq("4 m/s")
  end

  describe "of a take-off's rows" do
    let(:base) { demo_document("brine-tank") }
    let(:rows) { base["load"]["take_off"]["parts"] }
    def row(name) = rows.first.merge("name" => name)
    def names(document) = document["load"]["take_off"]["parts"].map { |one| one["name"] }

    it "are all kept where both added some, at one place or at two" do
      [ [ 0, -1 ], [ 1, 1 ] ].each do |own, other|
        mine, theirs = copy(base), copy(base)
        mine["load"]["take_off"]["parts"].insert(own, row("mine"))
        theirs["load"]["take_off"]["parts"].insert(other, row("theirs"))
        found = merge(base, mine, theirs)
        expect(found["clashes"]).to eq([])
        expect(names(found["merged"])).to match_array(names(base) + %w[mine theirs])
      end
    end

    it "clash where one took away what the other changed" do
      mine, theirs = copy(base), copy(base)
      mine["load"]["take_off"]["parts"].delete_at(1)
      theirs["load"]["take_off"]["parts"][1]["size"] = "another"
      found = merge(base, mine, theirs)
      expect(found["clashes"].map { |clash| clash["pointer"] }).to eq([ "/load/take_off/parts" ])
      expect(found["merged"]["load"]["take_off"]["parts"]).to eq(theirs["load"]["take_off"]["parts"])
    end
  end

  it "are the same or not by what they say, not by the order of their keys" do
    turned = base.to_a.reverse.to_h
    expect(front(place, "same", base, turned)).to be(true)
    [ [ 1, 2 ], [ {}, [] ], [ nil, {} ], [ { "a" => nil }, {} ], [ [ 1, 2 ], [ 2, 1 ] ],
      [ "1", 1 ] ].each do |one, other|
      expect(front(place, "same", one, other)).to be(false)
    end
  end
end
