# Unknown in, not known out: without any one input that a rung depends on, that rung does not hold.
RSpec.describe "Every input of the demo's plans" do
  # Places of what was typed: quantities, choices and numbers of load, rigging and crane.
  def inputs(data, path = [])
    case data
    when Hash
      data.flat_map { |key, value| inputs(value, path + [ key ]) }
    when Array
      data.each_with_index.flat_map { |value, index| inputs(value, path + [ index ]) }
    else
      data.nil? || data == "" || data == true || data == false ? [] : [ path ]
    end
  end

  def with(document, path, value)
    JSON
      .parse(JSON.generate(document))
      .tap { |copy| path[0..-2].reduce(copy) { |place, key| place[key] }[path.last] = value }
  end

  # Another value of the same kind, or nil where there is none to try.
  def another(document, path, value)
    return value + 1 if value.is_a?(Integer)
    return unless value.is_a?(String) && value.match?(/\d/)

    number = value[/\d+(?:\.\d+)?/]
    value.sub(number, (number.to_f * 1.07 + 0.01).round(3).to_s)
  end

  def rungs(document) = DustLadder.check(document).rungs.to_h { |rung| [ rung.id, rung ] }
  def said(rung) =
    [ rung.verdict, rung.demand&.value, rung.capacity&.value, rung.working.map { |line| line.result.value } ]

  Rails
    .root
    .glob("demo/plans/*.json")
    .each do |file|
      it "leaves no rung of #{file.basename(".json")} holding without what it depends on" do
        document = JSON.parse(file.read)
        before = rungs(document)
        places =
          inputs(document.slice("load", "rigging", "cranes")).reject do |path|
            path.include?("as_rigged") || path.include?("groups") ||
              %w[name source note shape to basis fluid title by set_by sling hitch chart turn held_by].include?(
                path.last
              )
          end
        depended = 0
        wrong =
          places
            .first(70)
            .filter_map do |path|
              other = another(document, path, document.dig(*path)) or next
              removed = path.include?("take_off") ? "" : nil
              next if removed == "" && path.last == "quantity" # nothing written is one piece

              changed = rungs(with(document, path, other))
              without = rungs(with(document, path, removed))
              dependent = before.keys.select { |id| changed[id] && said(before[id]) != said(changed[id]) }
              depended += dependent.size
              held = dependent.select { |id| %w[holds tight].include?(without[id].verdict) }
              [ path.join("/"), held ] if held.any?
            end
        expect(wrong).to eq([])
        expect(depended).to be > 15
      end
    end

  {
    %w[rigging legs 0 sling] => nil,
    %w[cranes 0 chart] => nil,
    %w[cranes 0 turn] => nil,
    %w[load weight basis] => "unknown"
  }.each do |path, nothing|
    it "holds nothing as a whole without #{path.join("/")}" do
      %w[receiver-cabin chiller feed-horn].each do |name|
        document = with(demo_document(name), path.map { |key| key.match?(/\A\d\z/) ? key.to_i : key }, nothing)
        expect(DustLadder.check(document).verdict).to eq("not_known"), "#{name}: #{path}"
      end
    end
  end
end
