module DustLadder
  module Finding
    # What there is to go through: every way to hold it with every use of a crane, by what they take to do.
    class Grid
      # base: an Advice::Base; may: a May; judge: a Judge; far: the FarPlaces of the same base.
      def initialize(base, may, judge, far = FarPlaces.new(base))
        @base = base
        @may = may
        @judge = judge
        @far = far
      end

      # { minutes => Options } of each, those alike in minutes in their own order; { minutes => Rigs }.
      def racks = @racks ||= by_minutes(settings.racks)
      def matting = @matting ||= by_minutes(settings.matting)
      def rigs = @rigs ||= holds.map { |hold| Rig.new(hold, @judge) }.group_by { |rig| rig.hold.minutes }

      # Those far off are among them as soon as they were looked for: see #open.
      def spots
        return @spots ||= by_minutes(settings.spots) unless @far.looked?

        @all_spots ||= by_minutes([ *settings.spots, *settings.far_spots ])
      end

      # Each sum of minutes that there is and that is ready in time, least first.
      def totals = sums.keys.sort

      # To be called before the lifts of so many minutes are gone through: what takes long to find is found as soon as
      # it can be among them.
      def open(minutes) = minutes >= Settings::FAR_MINUTES && settings.far_spots

      # How many there are that are ready in time, as far as it is known.
      def count
        (@counts ||= {})[@far.looked?] ||= sums.values.sum
      end

      # What of the house would let more in: [words, how many more there would be], none of them looked at.
      def wider
        @may.wider.filter_map do |words, may|
          more = Grid.new(@base, may, @judge, @far).count - count
          [ words, more ] if more.positive?
        end
      end

      # Tells it from every other: what is gone through, and of what.
      def mark
        @mark ||=
          begin
            lists = [ settings.racks, settings.spots, settings.matting, holds ].map { |some| some.map(&:id) }
            may = @may.to_h.transform_keys(&:to_s)
            PlanFile::Digest.of([ *lists, may, @base.document, @base.stock.to_a ])
          end
      end

      def settings = @settings ||= Settings.new(@base, @may, @far)
      def holds = @holds ||= Holds.new(@base, @may).to_enum(:each).to_a

      private

      def by_minutes(options) = options.group_by(&:minutes)

      # { minutes => how many }, of those that are ready in time.
      def sums
        [ racks, spots, matting, rigs ]
          .map { |groups| groups.transform_values(&:size) }
          .reduce { |all, own| added(all, own) }
          .select { |minutes, _| minutes <= @may.minutes }
      end

      def added(sums, own)
        sums.to_a.product(own.to_a).each_with_object(Hash.new(0)) do |((one, some), (other, more)), all|
          all[one + other] += some * more
        end
      end
    end
  end
end
