# Makes odd files out of sound ones, always the same for one seed, and tells what the core does with them. What it may
# do: refuse with the place and what was expected, or answer. It may not crash, hang, or answer with what is no number.
module Fuzz
  WORDS = [
    "", " ", "0", "-0", "0 m", "-1 m", "1e400 m", "1e-400", "999999999999 t", "1' 13\"", "m", "kg", "NaN", "Infinity",
    "1/0", "½", "١٢", "🏗️", "\u0000", "a" * 200, "a" * 5000, "2026-02-31", "2026-02-31T25:61", "360°", "-720 deg",
    "1000 m", "0.000001 mm", "20000000 kg", "100 %", "half", "Nobody", "~1/~0", "__proto__", "sha256:0"
  ].freeze
  NUMBERS = [
    0, -0.0, 1, -1, 2, 0.5, 1e-300, 1e-9, 1e-3, 0.01, 90, 180, 360, 1000, 1e6, 2e7, 1e9, 1e300,
    -1e300, 2**63, -2**63, 1e22
  ].freeze
  OTHERS = [ nil, true, false, [], {}, [ nil ], [ [] ], { "a" => 1 }, [ 1, 2 ], [ "a" ], Float::INFINITY ].freeze
  SCALES = [ 0, -1, 1e-6, 0.001, 0.1, 0.5, 0.9, 0.99, 1.01, 1.1, 2, 7, 10, 100, 1e4 ].freeze
  PARTS = %w[load rigging cranes tandem snapshots by_word scope].freeze
  MOST_S = 6.0

  # Of one odd file: what it was, and what went wrong; nil where nothing did.
  Found = Struct.new(:what, :words)

  module_function

  def random(seed, index) = Random.new(seed * 1_000_003 + index)

  # A copy of data with some of its places made odd. within: keys of the parts that are looked for first.
  def odd(data, random, within: [], times: random.rand(1..4))
    copy = Marshal.load(Marshal.dump(data))
    times.times do
      part = (within & copy.keys).sample(random: random) if copy.is_a?(Hash) && random.rand < 0.95
      spoil(part && (copy[part].is_a?(Hash) || copy[part].is_a?(Array)) ? copy[part] : copy, random)
    end
    copy
  end

  # Spoils one place, wherever it may be: each way down is as likely, so that a long table does not take it all.
  def spoil(node, random)
    key = key_of(node, random) or return
    below = node[key]
    if (below.is_a?(Hash) || below.is_a?(Array)) && !below.empty? && random.rand < 0.97
      spoil(below, random)
    elsif random.rand < 0.08
      unhinge(node, key, random)
    else
      node[key] = spoilt(below, random)
    end
  end

  def key_of(node, random)
    keys = node.is_a?(Hash) ? node.keys : node.each_index.to_a
    keys.sample(random: random)
  end

  # Takes out, doubles, turns round.
  def unhinge(node, key, random)
    case node
    when Hash
      random.rand < 0.5 ? node.delete(key) : node["#{key}x"] = node[key]
    else
      case random.rand(4)
      when 0 then node.delete_at(key)
      when 1 then node.insert(key, node[key])
      when 2 then node.reverse!
      else node.concat(node.first(20) * random.rand(1..20))
      end
    end
  end

  def spoilt(value, random)
    kind = random.rand
    # Each time one of its own: what is spoilt further must not spoil this list.
    return Marshal.load(Marshal.dump(OTHERS.sample(random: random))) if kind < 0.04

    case value
    when Numeric
      kind < 0.8 ? value * SCALES.sample(random: random) : NUMBERS.sample(random: random)
    when String
      kind < 0.85 ? near(value, random) : WORDS.sample(random: random)
    else
      [ *WORDS, *NUMBERS ].sample(random: random)
    end
  end

  # A quantity or word much like the one that stood there.
  def near(text, random)
    number = text[/\d+(\.\d+)?/] or return WORDS.sample(random: random)
    text.sub(number, (number.to_f * SCALES.sample(random: random)).round(6).to_s)
  end

  # A plan as odd as its data, with digests that fit: nobody who means ill forgets those.
  def plan(data, random, within: PARTS)
    odd(data, random, within: within).tap do |plan|
      next unless plan["snapshots"].is_a?(Hash)

      plan["snapshots"].each_value do |all|
        next unless all.is_a?(Hash)

        all.each_value { |one| one["digest"] = digest(one["data"]) if one.is_a?(Hash) && random.rand < 0.97 }
      end
    end
  end

  def digest(data)
    DustLadder::PlanFile::Digest.of(data)
  rescue StandardError
    "sha256:#{"0" * 64}"
  end

  # The words of what went wrong with the block, or nil. Refusals have to name a place and what was expected.
  def trouble
    began = Process.clock_gettime(Process::CLOCK_THREAD_CPUTIME_ID)
    yield
    took = Process.clock_gettime(Process::CLOCK_THREAD_CPUTIME_ID) - began
    took > MOST_S ? "it took #{took.round(1)} s" : nil
  rescue DustLadder::PlanFile::Invalid => error
    whole = error.errors.any? && error.errors.all? { |one|
      one.values_at("pointer", "message", "expected").all?(String)
    }
    whole ? nil : "a refusal without its place: #{error.errors.first.inspect}"
  rescue StandardError, SystemStackError, NoMemoryError => error
    "#{error.class}: #{error.message[0, 160]} at #{error.backtrace.first[/[\w]+\.rb.*/]}"
  end

  def trouble_with_plan(plan)
    trouble do
      ladder = DustLadder.check(DustLadder::PlanFile.accept(plan), most_s: MOST_S / 2)
      answer = JSON.parse(JSON.generate(ladder.as_json))
      faults = DustLadder::PlanFile::Schema.ladder_errors(answer)
      raise "the answer is not as its schema says: #{faults.first.inspect}" if faults.any?
    end
  end

  # chart: data. in_plan: a plan that uses one of that id.
  def trouble_with_chart(chart, in_plan)
    trouble do
      faults = DustLadder::Cranes::ChartFile.errors(chart)
      raise DustLadder::PlanFile::Invalid, faults if faults.any?

      diagram = DustLadder::Cranes::RangeDiagram.new(chart)
      JSON.generate([ diagram.as_json, DustLadder::Cranes::CanI.new(chart).answers(hung: 3000.0, radius: 9.0) ])
      JSON.generate(DustLadder::Cranes::CouldTake.new([ chart ], 3000.0).as_json)
      plan = in_plan.merge(
        "snapshots" => in_plan["snapshots"].merge(
          "charts" => {
            in_plan.dig("cranes", 0, "chart") => DustLadder::PlanFile::Digest.snapshot(chart)
          }
        )
      )
      JSON.generate(DustLadder.check(DustLadder::PlanFile.accept(plan), most_s: MOST_S / 2).as_json)
    end
  end

  # Text of a table, some of its letters, cells and lines made odd.
  def text(whole, random)
    lines = whole.b.lines
    random.rand(1..4).times { spoil_lines(lines, random) }
    lines.join
  end

  def spoil_lines(lines, random)
    at = random.rand(lines.size)
    line = lines[at] or return
    word = -> { WORDS.sample(random: random).b }
    case random.rand(8)
    when 0
      lines.delete_at(at)
    when 1
      lines.insert(at, line)
    when 2
      lines[at] = line.sub(/[^,;\n]+/n) { word.call }
    when 3
      lines[at] = line.split(",").map { |cell| random.rand < 0.3 ? word.call : cell }.join(",")
    when 4
      lines[at] = line.tr(",", [ ";", "\t", " ", "|" ].sample(random: random))
    when 5
      lines[at] =
line.dup.insert(random.rand(line.bytesize + 1), [ "\"", "\r", "\x00", "\xff", "," ].sample(random: random).b)
    when 6
      lines[at] = line.sub(/\d+(\.\d+)?/n) { NUMBERS.sample(random: random).to_s }
    else
      lines.insert(at, "\n" * random.rand(1..50), "#{"," * random.rand(1..300)}\n")
    end
  end
end
