module DustLadder
  module Rigging
    # A leg's angle, held from the horizontal and told in all three conventions (handbook, section 0).
    class Angle
      attr_reader :deg_from_horizontal

      CONVENTIONS = {
        from_horizontal: ->(deg) { deg },
        from_plumb: ->(deg) { 90.0 - deg },
        included: ->(deg) { 90.0 - deg / 2.0 }
      }.freeze

      # convention: :from_horizontal, :from_plumb or :included (of a symmetric pair). deg must put the leg
      # above the horizontal and at most plumb, else ArgumentError.
      def self.read(deg, convention)
        new(CONVENTIONS.fetch(convention).call(Float(deg)))
      end

      WORDS = {
        "from horizontal" => :from_horizontal,
        "horizontal" => :from_horizontal,
        "from the horizontal" => :from_horizontal,
        "from plumb" => :from_plumb,
        "plumb" => :from_plumb,
        "from vertical" => :from_plumb,
        "from the vertical" => :from_plumb,
        "included" => :included,
        "between the legs" => :included
      }.freeze
      TYPED = /\A(?<amount>.+?)(?:\s+(?<words>#{Regexp.union(WORDS.keys.sort_by { |words| -words.length })}))?\z/i

      # A leg's angle as it is typed, with its convention: "45° from horizontal". share: the leg's vertical share, kg,
      # where it is known. Raises Quantity::Unreadable; of a bare angle with what each convention would mean.
      def self.parse(text, share: nil)
        match = TYPED.match(text.to_s.strip)
        amount = match ? match[:amount].strip : ""
        amount += "°" if amount.match?(/\A\d+(?:\.\d+)?\z/)
        deg = Quantity::Reader.read(amount, :angle)
        return read(deg, WORDS.fetch(match[:words].downcase)) if match[:words]

        bare(text, amount, deg, share)
      rescue ArgumentError => error
        raise Quantity::Unreadable.new(error.message, typed: text, expected: EXAMPLES)
      end
      EXAMPLES = "for example 45° from horizontal, 30° from plumb, 60° included".freeze

      def self.bare(text, amount, deg, share)
        meant = { "from horizontal" => :from_horizontal, "from plumb" => :from_plumb, "included" => :included }
        meant =
          meant
            .transform_values do |convention|
              begin
                read(deg, convention)
              rescue ArgumentError
                nil
              end
            end
            .compact
        pulls =
          meant.map do |words, angle|
            factor = angle.load_angle_factor
            if share
              "#{words} #{Figure.kg(share * factor, :up)} in the leg"
            else
              "#{words} #{format("%.2f", factor)} times its share"
            end
          end
        raise Quantity::Unreadable.new(
          "which angle is #{amount}? #{pulls.join("; ")}",
          typed: text,
          expected: EXAMPLES,
          choices: meant.keys.map { |words| "#{amount} #{words}" }
        )
      end
      private_class_method :bare

      # All three conventions, rounded against the user.
      def words
        "#{Figure.deg(deg_from_horizontal)} from horizontal, #{Figure.deg(deg_from_plumb, :up)} from plumb, " \
          "#{Figure.deg(deg_included, :up)} included"
      end

      def initialize(deg_from_horizontal)
        unless deg_from_horizontal.positive? && deg_from_horizontal <= 90
          raise ArgumentError,
            "a leg stands between 0 and 90 degrees from the horizontal; this is #{deg_from_horizontal}"
        end

        @deg_from_horizontal = deg_from_horizontal
      end

      def deg_from_plumb = 90.0 - deg_from_horizontal
      def deg_included = 2 * deg_from_plumb
      def load_angle_factor = 1 / Math.sin(deg_from_horizontal * Math::PI / 180)

      # May legs stand this flat? Exactly the floor is allowed.
      def allowed?(floor_deg_from_horizontal) = deg_from_horizontal >= floor_deg_from_horizontal - 1e-9
    end
  end
end
