class LiftPack < Paper
  # The load under its hook from the side, the end and above, and the crane's way from above, each to a scale that
  # stands beside it.
  module Drawings
    SCALES = [ 10, 20, 25, 50, 75, 100, 150, 200, 250, 500, 1000, 2000 ].freeze
    HIGH_MM = 86
    # Title, axes of the load across and up the picture.
    VIEWS = [ [ "From the side", 0, 2 ], [ "From the end", 1, 2 ], [ "From above", 0, 1 ] ].freeze

    private

    def drawings
      heading("Drawings")
      drawn = DustLadder::Ladder::Drawing.new(lift, ladder.rung("slings"), ladder.rung("upper")).as_json
      return line("The load is not drawn: its size, centre of gravity or points are not known.") if drawn.nil?

      wide = (pdf.bounds.width - 12) / 3
      top = pdf.cursor
      VIEWS.each_with_index { |view, at| view(drawn, view, at * (wide + 6), top, wide) }
      pdf.move_cursor_to(top - HIGH_MM * Paper::MM - 4)
      dimensions(drawn)
      way
    end

    def view(drawn, (title, across, up), left, top, wide)
      places = all_places(drawn).map { |place| [ place[across], place[up] ] }
      frame = Frame.new(places, left: left, top: top - 12, wide: wide, high: HIGH_MM * Paper::MM - 14)
      words("#{title}, 1 : #{frame.scale}", x: left, y: top, width: wide, height: 11, size: 8, style: :bold)
      pdf.line_width(1)
      box = frame.at([ 0, 0 ]), frame.at([ drawn["size"][across], drawn["size"][up] ])
      pdf.stroke_rectangle([ box[0][0], box[1][1] ], box[1][0] - box[0][0], box[1][1] - box[0][1])
      strands(drawn, frame, across, up)
      measured(drawn, frame, across, up)
      centre(frame.at([ drawn["cg"][across], drawn["cg"][up] ]))
    end

    def all_places(drawn)
      strands = [ *drawn["legs"], *drawn["uppers"] ]
      [ [ 0, 0, 0 ], drawn["size"], *strands.flat_map { |one| one.values_at("top", "bottom") }, drawn["hook"] ].compact
    end

    def strands(drawn, frame, across, up)
      pdf.line_width(1.6)
      [ *drawn["legs"], *drawn["uppers"] ].each do |one|
        from, to = one.values_at("bottom", "top")
        next unless from && to

        pdf.stroke_line(frame.at([ from[across], from[up] ]), frame.at([ to[across], to[up] ]))
      end
      # Points that stand behind one another are one place of the picture.
      drawn["points"].group_by { |point|
        point["at"].values_at(across, up).map { |at|
          at.round(2)
        }
      }.each do |place, some|
        x, y = frame.at(place)
        pdf.fill_rectangle([ x - 2, y + 2 ], 4, 4)
        words(some.map { |point| point["name"] }.join(", "), x: x + 4, y: y + 9, width: 60, height: 8, size: 7)
      end
      pdf.line_width(1)
    end

    # Length and height of the load on the drawing itself.
    def measured(drawn, frame, across, up)
      corner, far = frame.at([ 0, 0 ]), frame.at([ drawn["size"][across], drawn["size"][up] ])
      below, beside = corner[1] - 8, corner[0] - 8
      pdf.line_width(0.5)
      pdf.stroke_line([ corner[0], below ], [ far[0], below ])
      pdf.stroke_line([ beside, corner[1] ], [ beside, far[1] ])
      [ corner[0], far[0] ].each { |x| pdf.stroke_line([ x, below - 3 ], [ x, below + 3 ]) }
      [ corner[1], far[1] ].each { |y| pdf.stroke_line([ beside - 3, y ], [ beside + 3, y ]) }
      long, high = drawn["size"].values_at(across, up).map { |metres| told(DustLadder::Figure.m(metres)) }
      words(long, x: corner[0], y: below - 3, width: far[0] - corner[0], height: 9, size: 7, align: :center)
      pdf.rotate(90, origin: [ beside - 4, corner[1] ]) do
        words(high, x: beside - 4, y: corner[1] + 9, width: far[1] - corner[1], height: 9, size: 7, align: :center)
      end
      pdf.line_width(1)
    end

    def centre((x, y))
      pdf.stroke_circle([ x, y ], 4)
      pdf.stroke_line([ x - 6, y ], [ x + 6, y ])
      pdf.stroke_line([ x, y - 6 ], [ x, y + 6 ])
    end

    def dimensions(drawn)
      size = drawn["size"].map { |metres| told(DustLadder::Figure.m(metres)) }
      line(
        "Load #{size.join(" × ")}. Hook #{told(drawn["hook_height"])} above its base; tilt " \
          "#{told(drawn.dig("tilt", "deg"))}."
      )
      legs = drawn["legs"].map { |leg| "#{leg["name"]} #{told(leg["rest"])}, at most #{told(leg["worst"])}" }
      line("Legs: #{legs.join("; ")}.") if legs.any?
    end

    # The stations round the crane, north or its front up.
    def way
      view = DustLadder::Cranes::CraneView.new(lift).as_json or return
      stations = view["stations"].select { |one| one["slew_deg"] && one["loaded_m"] }
      return if stations.empty?

      pdf.start_new_page if pdf.cursor < 190
      places = stations.map { |one| polar(one["loaded_m"], one["slew_deg"]) }
      reach = stations.map { |one| one["loaded_m"] }.max
      frame = Frame.new([ [ -reach, -reach ], [ reach, reach ] ], left: 0, top: pdf.cursor - 14, wide: 170, high: 160)
      title = "The crane's way from above, 1 : #{frame.scale}; slew 0° is its front, up"
      words(title, x: 0, y: pdf.cursor, width: pdf.bounds.width, height: 11, size: 8, style: :bold)
      centre(frame.at([ 0, 0 ]))
      stations.each_with_index do |one, at|
        x, y = frame.at(places[at])
        pdf.stroke_line(frame.at([ 0, 0 ]), [ x, y ])
        pdf.fill_circle([ x, y ], 3)
        radius = told(DustLadder::Figure.m(one["radius_m"], :up))
        words(
          "#{one["name"]}: #{radius}, #{one["slew_deg"].round}°",
          x: 190,
          y: pdf.cursor - 20 - at * 12,
          width: 260,
          height: 11,
          size: 9
        )
      end
      pdf.move_down(176)
    end

    def polar(radius, degrees)
      [ Math.sin(degrees * Math::PI / 180) * radius, Math.cos(degrees * Math::PI / 180) * radius ]
    end

    # From places in metres to points of the page, at the largest scale of the list that fits.
    class Frame
      attr_reader :scale

      def initialize(places, left:, top:, wide:, high:)
        @least = places.transpose.map(&:min)
        most = places.transpose.map(&:max)
        spans = most.zip(@least).map { |to, from| [ to - from, 0.01 ].max }
        @scale = SCALES.find { |one| fits?(spans, one, wide, high) } || SCALES.last
        @left = left + (wide - spans[0] * per_metre) / 2
        @bottom = top - high + (high - spans[1] * per_metre) / 2
      end

      def at((x, y)) = [ @left + (x - @least[0]) * per_metre, @bottom + (y - @least[1]) * per_metre ]

      private

      def per_metre = 1000.0 / scale * Paper::MM

      def fits?(spans, scale, wide, high)
        spans[0] * 1000.0 / scale * Paper::MM <= wide - 40 && spans[1] * 1000.0 / scale * Paper::MM <= high - 34
      end
    end
  end
end
