module DustLadder
  module Cranes
    # How the figures of a page are written: a cell with other decimals or digit groups than those beside it may be a
    # slip that its value does not show (80.100 read as 80.1), and so may a whole page (handbook, section 15).
    class ChartWriting
      FIGURE = /\A(?<whole>\d[\d, ]*)(?:\.(?<part>\d+))?/
      # Units in which nobody writes thousandths.
      WHOLE = %w[kg lb].freeze
      GROUP = 4
      # A whole page is told of where that many figures have three digits after the point.
      SEVERAL = 3
      # With more digits after the point a machine wrote it, and with more doubts than these so it is written.
      MOST_DECIMALS = 3
      MOST = 20

      # decimals: digits after the point. group: what parts the thousands, "" for nothing, nil where there are none.
      Form = Struct.new(:decimals, :group)

      # tables: of a page, [name, rows, columns, cells, texts]. unit: of its figures. told: cells that are in doubt
      # already. ChartWarnings::Warnings.
      def self.of(tables, unit, told)
        all = tables.each_with_index.flat_map do |(name, rows, columns, _, texts), table|
          new(texts).doubts(unit).filter_map do |row, column, words, asked|
            next ChartWarnings.asked("#{name}: #{words}") if row.nil?
            next if told.include?([ table, row, column ])

            text = "#{name}, #{rows[row]}, #{columns[column]}: #{texts[row][column]}, #{words}"
            ChartWarnings.public_send(asked ? :asked : :look, text, [ table, row, column ])
          end
        end
        all.first(MOST)
      end

      def initialize(texts)
        @forms = texts.map { |row| row.map { |text| form(text) } }
        @texts = texts
      end

      # [row, column, words, to be answered?]; row nil where it is the whole table.
      def doubts(unit)
        return [ [ nil, nil, all_thousandths, true ] ] if WHOLE.include?(unit) && thousandths?

        @forms.each_index.flat_map do |row|
          @forms[row].each_index.filter_map do |column|
            words, asked = doubt(row, column, unit)
            words && [ row, column, words, asked ]
          end
        end
      end

      private

      def form(text)
        match = FIGURE.match(text.to_s.strip) or return
        whole, decimals = match[:whole].strip, match[:part].to_s.size
        return if decimals > MOST_DECIMALS

        Form.new(decimals, whole.count("0-9") >= GROUP ? whole[/[, ]/].to_s : nil)
      end

      def all = @forms.flatten.compact
      def thousandths? = all.size >= SEVERAL && all.all? { |one| one.decimals == 3 }
      def all_thousandths = "every figure has three digits after a point: is that point a thousands sign?"

      def doubt(row, column, unit)
        own = @forms[row][column] or return
        beside = neighbours(row, column)
        decimals = beside.map { |one, _| one.decimals }.uniq
        if beside.size > 1 && decimals.size == 1 && decimals.first != own.decimals
          # A page may leave ".0" away; anything else is a slip until somebody says no.
          asked = WHOLE.include?(unit) || (own.decimals - decimals.first).abs > 1
          return "with other decimals than #{beside.first.last} beside it", asked
        end
        return if own.group.nil?

        beside = beside.select { |one, _| one.group }
        groups = beside.map { |one, _| one.group }.uniq
        if beside.size > 1 && groups.size == 1 && groups.first != own.group
          return "with other digit groups than #{beside.first.last} beside it", true
        end

        nil
      end

      # [form, text] of the cells next to one.
      def neighbours(row, column)
        [ [ -1, 0 ], [ 1, 0 ], [ 0, -1 ], [ 0, 1 ] ].filter_map do |down, right|
          at, to = row + down, column + right
          next if at.negative? || to.negative?

          one = @forms.dig(at, to) and [ one, @texts[at][to] ]
        end
      end
    end
  end
end
