require_relative "fuzz"

# What the odd files are made from, and how many of each kind go wrong. For the fuzz specs and bin/fuzz.
module FuzzRun
  DEMO = File.expand_path("../../../demo", __dir__)
  KINDS = %w[plans snapshots charts tables].freeze

  module_function

  # Of a kind, the odd files from one number on: their trouble by number, empty where all is well.
  def trouble(kind, seed, numbers)
    numbers.filter_map { |index| send(kind, Fuzz.random(seed, index))&.then { |words| [ index, words ] } }.to_h
  end

  def plans(random) = Fuzz.trouble_with_plan(Fuzz.plan(all_plans.sample(random: random), random))

  # Plans whose snapshots alone are odd: rule sets, slings, beams, charts.
  def snapshots(random) =
    Fuzz.trouble_with_plan(Fuzz.plan(all_plans.sample(random: random), random, within: %w[snapshots]))

  def charts(random)
    chart = all_charts.sample(random: random)
    Fuzz.trouble_with_chart(Fuzz.odd(chart, random), plan_of(chart))
  end

  # CSV texts of charts, take-offs and stores.
  def tables(random)
    kind = texts.keys.sample(random: random)
    text = Fuzz.text(texts[kind].sample(random: random), random)
    Fuzz.trouble { JSON.generate(read(kind, text, random)) }
  end

  def read(kind, text, random)
    case kind
    when :grid
      [].tap { |found|
        DustLadder::Cranes::ChartFile.read(text, "a.csv") { |reading, _| found << reading.as_json << paper(reading) }
      }
    when :take_off
      DustLadder::Load::CsvSheet.new(text, decimal_comma: random.rand < 0.3).read.to_a
    else
      DustLadder::Gear::StoreSheet.new(text).read
    end
  end

  # As whoever reads it against the paper would see it.
  def paper(reading)
    return unless reading.data

    paper = DustLadder::Cranes::ChartPaper.new(reading.data, reading.printed)
    [ paper.blocks.map(&:as_json), paper.tables ]
  end

  def all_plans = @all_plans ||= parsed("plans").flat_map { |plan| [ plan, of_several(plan) ].compact }
  def all_charts = @all_charts ||= parsed("charts").flat_map { |chart| [ chart, several(chart) ].compact }

  def parsed(folder) = Dir[File.join(DEMO, folder, "*.json")].sort.map { |file| JSON.parse(File.read(file)) }

  # A chart with a jib at two offsets, a deduction by case and notes; nil of one without a jib.
  def several(chart)
    return unless chart["jib"]

    sectors = [ 5, 25 ].flat_map { |offset| chart["sectors"].map { |one| one.merge("jib_offset_deg" => offset) } }
    chart.merge(
      "jib" => chart["jib"].except("offset_deg"),
      "sectors" => sectors,
      "deductions" => [ { "what" => "ball", "kg" => 120, "when" => "ball reeved" } ],
      "notes" => [ "Do not lower the boom past the last row." ]
    )
  end

  # A plan of the same machine on such a chart; nil of any other.
  def of_several(plan)
    id, own = plan["snapshots"]["charts"].first
    chart = own && all_charts.find { |one|
      one["notes"] && one["identity"]["serial"] == own["data"]["identity"]["serial"]
    } or return

    crane = { "jib_offset" => "25°", "deduction_cases" => { "ball reeved" => true }, "as_rigged" => chart["identity"] }
    plan.merge(
      "cranes" => plan["cranes"].map { |one| one.merge(crane) },
      "snapshots" => plan["snapshots"].merge("charts" => { id => DustLadder::PlanFile::Digest.snapshot(chart) })
    )
  end

  # A plan on a machine of the chart's family.
  def plan_of(chart)
    family = chart["family"]
    all_plans.find { |plan| plan["snapshots"]["charts"].any? { |_, one| one["data"]["family"] == family } }
  end

  def texts
    @texts ||= {
      grid: all_charts.map { |one| DustLadder::Cranes::ChartGridText.write(one) },
      take_off: all_plans.filter_map { |plan|
        plan["load"]["take_off"]
      }.map { |one| DustLadder::Load::CsvSheet.write(one) },
      store: [ DustLadder::Gear::StoreSheet.write(JSON.parse(File.read(File.join(DEMO, "store.json")))) ]
    }
  end
end
