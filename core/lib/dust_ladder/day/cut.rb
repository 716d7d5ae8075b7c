module DustLadder
  module Day
    # What of the day's lists a plan gives reason to ask. Where it is not known whether it does, it is asked.
    class Cut
      BOLTS = %w[eyebolt_plain eyebolt_shouldered hoist_ring].freeze

      def initialize(lift)
        @lift = lift
      end

      def asks?(item) = item.when.nil? || public_send("#{item.when}?")

      def hooks_or_shackles? = kinds.intersect?(%w[hook shackle]) || chain?
      def shackles? = kinds.include?("shackle")
      def bolts? = kinds.intersect?(BOLTS)
      def chain? = slings.any? { |sling| sling["kind"] == Slings::Selection::CHAIN }
      def beam? = !@lift.beam.nil?
      def two_cranes? = @lift.tandem?
      def one_crane? = !@lift.tandem?
      def trunnion? = @lift.tandem? && @lift.tandem.ends.any?(&:trunnion?)
      def choke? = @lift.legs.any?(&:choker?)
      def edges? = @lift.surroundings.nil? || @lift.surroundings["edges"] != "none"
      def fixed_hoist? = @lift.duties.any? { |duty| duty.crane.family?("fixed_hoist") }
      def stands? = standing.any?
      def tracks? = standing.any? { |duty| tracked?(duty) != false }
      def outriggers? = standing.any? { |duty| tracked?(duty) != true }
      def cut? = survey&.cuts.to_a.any?
      def ways? = survey&.walkways.to_a.any?
      def line? = survey ? survey.all("line").any? : known { @lift.line_word.lines != "none" }
      # A load that is kept at a bearing is held there; one that may turn is held from turning.
      def tag_lines? = @lift.duties.any?(&:on_site?) || known { @lift.load.size.max > LONG_M }
      LONG_M = 3.0

      private

      # What cannot be told is asked.
      def known
        yield
      rescue NotKnown
        true
      end

      def standing = @lift.duties.reject { |duty| %w[fixed_hoist tower].include?(family(duty)) }
      def family(duty) = known { duty.crane.family.name }
      # nil where the chart does not say.
      def tracked?(duty) = DustLadder.known { Ground::Machine.new(duty.crane).tracks? }
      def survey = @survey ||= DustLadder.known { @lift.survey }
      def kinds = @kinds ||= @lift.legs.flat_map { |leg| leg.fittings.map(&:kind) }
      def slings = @lift.legs.filter_map { |leg| DustLadder.known { @lift.sling_of(leg) } }
    end
  end
end
