
module DustLadder
  # What bin/ladder does. Each command answers with an exit status: 0 holds or tight (or valid, or all
  # right), 1 stop or not known (or a wrong case), 2 a bad file or a bad call.
  class CommandLine
    USAGE = File.read(File.expand_path("command_line/usage.txt", __dir__)).freeze
    COMMANDS = %w[validate check explain takeoff charts verify ways whatif find practise cases].freeze
    # Options that take a word, by the command that knows them.
    OPTIONS = {
      "ways" => %w[--rung],
      "whatif" => %w[--input --from --to],
      "find" => %w[--hours],
      "practise" => %w[--seed --kind --answer]
    }.freeze
    # Those that are of no file.
    FILELESS = %w[practise].freeze
    class BadFile < StandardError
    end

    def initialize(arguments, out: $stdout, err: $stderr)
      @json = !arguments.delete("--json").nil?
      @library = option(arguments, "--library")
      @options = OPTIONS.fetch(arguments.first, []).to_h { |name| [ name, option(arguments, name) ] }
      @command, @file, *@rest = arguments
      @out = out
      @err = err
    end

    def run
      return usage if [ @library, *@options.values ].include?(:missing)
      return usage if @rest.any? || !COMMANDS.include?(@command) || @file.nil? != FILELESS.include?(@command)

      send(@command)
    rescue Faulty => error
      @err.puts "#{@file}:", "#{error.pointer.delete_prefix("/")}: #{error.message}; expected #{error.expected}"
      2
    rescue PlanFile::Invalid, BadFile => error
      @err.puts "#{@file}:", error.message
      2
    rescue StandardError, SystemStackError, NoMemoryError => error
      # 1 would say stop, which is an answer; this is none.
      @err.puts "#{@file}:",
        "it could not be worked out: a fault of this program, not an answer (#{error.class}: " \
          "#{error.message.lines.first})"
      2
    end

    private

    # The word after an option, both taken away; nil where it is not given, :missing where nothing follows it.
    def option(arguments, name)
      at = arguments.index(name) or return
      _, word = arguments.slice!(at, 2)
      word || :missing
    end

    # 0 when a way cures, or there is nothing to cure; else 1.
    def ways = ahead.ways(@options["--rung"])

    def whatif
      return ahead.limits if @options.values.all?(&:nil?)
      return usage if @options.values.any?(&:nil?)

      ahead.strip(*@options.values)
    end

    # 0 when a lift is found, else 1.
    def find
      hours = @options["--hours"] || "6"
      raise BadFile, "--hours: #{hours} is no number of hours; expected 0 to 300" unless hours.match?(/\A\d{1,3}\z/)

      document = plan
      lift = Lift.new(document)
      stock = @library ? Library.new(@library).stock(lift.last_day&.iso8601, lift.rules) : Advice::Base::Stock.new
      base = Advice::Base.new(document, stock: stock, house: { house: house })
      FoundLifts.new(base, @out).tell(60 * hours.to_i)
    end

    # 0 for a question, or a right answer; 1 for another.
    def practise
      seed, kind, answer = @options.values_at("--seed", "--kind", "--answer")
      Drilled.new(@out, seed: seed || "1", kind: kind).tell(answer)
    end

    def house = @library && Library.new(@library).house
    def ahead = AskedAhead.new(plan, @out, house: { house: house })
    def checked(document) = DustLadder.check(document, house: house)
    def printed(ladder) = PrintedLadder.new(ladder, @out)

    def usage
      (@command ? @err : @out).puts USAGE
      2
    end

    def text
      raise BadFile, "there is no such file" unless File.file?(@file)
      raise BadFile, "the file cannot be read" unless File.readable?(@file)

      File.binread(@file)
    end

    def plan = PlanFile.read(text)

    def validate
      plan
      @out.puts "#{@file}: a sound plan, version #{PlanFile::VERSION}"
      0
    end

    def check
      ladder = checked(plan)
      @json ? @out.puts(JSON.pretty_generate(ladder.as_json)) : printed(ladder).short
      status(ladder)
    end

    def status(ladder) = %w[holds tight].include?(ladder.verdict) ? 0 : 1

    def explain
      ladder = checked(plan)
      printed(ladder).whole
      status(ladder)
    end

    # 0 when it was signed and all of it agrees, else 1.
    def verify
      read = text
      return VerifiedDay.new(*Day::DayFile.read(read), @out).tell(@file) if Day::DayFile.day?(read)

      Verified.new(*PlanFile.read_whole(read), @out).tell(@file)
    end

    # 0 when every chart of the file is whole, else 1.
    def charts
      readings = []
      Cranes::ChartFile.read(text, File.basename(@file)) { |reading, _| readings << reading }
      whole = readings.all?(&:data)
      return @out.puts(Cranes::ChartFile.write(readings.map(&:data))).then { 0 } if @json && whole

      readings.each do |reading|
        @out.puts "#{reading.title}: #{reading.data ? "whole" : "nothing of it is taken"}"
        reading.faults.each do |fault|
          @out.puts "  #{[ fault["pointer"], fault["message"] ].reject(&:empty?).join(" ")}; expected " \
            "#{fault["expected"]}"
        end
        reading.warnings.each { |warning| @out.puts "  look again: #{warning.text}" }
      end
      whole ? 0 : 1
    end

    def takeoff
      sheet = File.extname(@file).downcase == ".csv" ? sheet_of_csv : DustLadder::Lift.new(plan).load.take_off
      sheet.rows.each_with_index { |row, index| show_row(row, index) if row }
      @out.puts "bare #{Figure.kg(sheet.bare_kg, :up)}, planned #{Figure.kg(sheet.planned_kg, :up)}, at least " \
        "#{Figure.kg(sheet.least_kg, :down)}"
      places =
        %w[x y z].zip(sheet.cg, sheet.cg_reach).map do |axis, at, reach|
          "#{axis} #{Figure.m(at)} ± #{Figure.m(reach, :up)}"
        end
      @out.puts "centre of gravity #{places.join(", ")}; ± only what the rows leave open"
      0
    rescue NotKnown => error
      @out.puts "not known: #{error.what}"
      1
    end

    def sheet_of_csv
      parts = Load::CsvSheet.new(text).read.to_a
      fault = parts.last.dig("done", "fault") and raise BadFile, fault
      groups, rows =
        parts
          .flat_map { |part| part["rows"] || [] }
          .map { |row| row["cells"] }
          .partition { |cells| !cells["group"].strip.empty? }
      made =
        groups.group_by { |cells| cells["group"].strip }.map { |title, own| { "title" => title, "parts" => own } }
      Load::TakeOff.new({ "parts" => rows, "groups" => made, "materials" => [] }, RuleSet.shipped("strict"))
    end

    def show_row(row, index)
      @out.puts format(
        "%4d  %-28s %12s  %s",
        index + 1,
        row.name[0, 28],
        row.kg ? Figure.kg(row.kg, digits: 1) : "not known",
        row.problems.map(&:message).join("; ")
      ).rstrip
      row
        .working
        .select(&:formula)
        .each do |line|
          @out.puts "        #{line.symbol} = #{line.formula} = #{line.substituted(:metric)} = #{line.result}"
        end
    end

    def cases
      runner = Cases::Runner.new(read_cases)
      runner.results.each { |result| show_case(result) }
      right, wrong = runner.results.partition(&:right?)
      runner.uncovered.each { |topic, count| @out.puts "not covered yet: #{topic} (#{count})" }
      @out.puts "#{runner.results.size} computed: #{right.size} right, #{wrong.size} wrong; " \
        "#{runner.uncovered.values.sum} not covered yet"
      runner.right? ? 0 : 1
    end

    def show_case(result)
      @out.puts "#{result.right? ? "right" : "WRONG"}  #{result.id}#{": #{result.trouble}" if result.trouble}"
      result.comparisons.each do |one|
        @out.puts "  #{one.agrees ? " " : "✗"} #{one.key}: got #{shown(one.got)}, wanted #{shown(one.wanted)}"
      end
    end

    def shown(value)
      case value
      when :missing
        "no such figure"
      when nil
        "null"
      when Float
        value.round(8).to_s
      else
        value.is_a?(Array) ? value.inspect : value.to_s
      end
    end

    def read_cases
      data = JSON.parse(text.force_encoding(Encoding::UTF_8).delete_prefix("\ufeff"))
      list = data.is_a?(Hash) ? data["cases"] : data
      raise BadFile, "this is not a file of worked cases: expected a list under \"cases\"" unless list.is_a?(Array)

      list.each_with_index do |one, index|
        if one.is_a?(Hash) && one["id"].is_a?(String) && one["topic"].is_a?(String) && one["given"].is_a?(Hash) &&
             one["expect"].is_a?(Hash)
          next
        end

        raise BadFile, "/cases/#{index}: expected an object with id, topic, given and expect"
      end
    rescue JSON::ParserError
      raise BadFile, "this is not whole JSON: expected a file of worked cases"
    end
  end
end
