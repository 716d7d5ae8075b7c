class LiftPack < Paper
  # The site round the crane, north up and to scale: what is drawn there, pads or tracks, the way of the hook, the load
  # where it is picked up and set down.
  module Ground
    # Beside the farthest station, m.
    AROUND_M = 10.0
    HIGH_MM = 150
    LOOKS = {
      "ground" => { dash: 1 },
      "line" => { width: 2.2 },
      "cut" => { width: 1.6 },
      "obstacle" => { width: 1.6 },
      "exclusion" => { width: 1.6, dash: 3 }
    }.freeze

    private

    def ground
      view = DustLadder::Site::SiteView.new(lift, ladder.rungs).as_json or return
      return line("The crane is not stood on its site yet: no plan of it.") if view["crane"].nil?

      pdf.start_new_page
      frame = frame_of(view)
      title = "The site, #{view["title"]}, 1 : #{frame.scale}, north up, metres from its peg"
      words(title, x: 0, y: pdf.cursor, width: pdf.bounds.width, height: 12, size: 9, style: :bold)
      inside(pdf.cursor - 14) { features(view, frame) }
      pdf.move_down(HIGH_MM * Paper::MM + 22)
      feet_told(view)
    end

    # Everything within the reach of the crane, and somewhat round it.
    def frame_of(view)
      x, y = view["crane"]["axis"]
      far = view["stations"].map { |one| Math.hypot(one["at"][0] - x, one["at"][1] - y) }.max || 0.0
      reach = far + AROUND_M
      places = [ [ x - reach, y - reach ], [ x + reach, y + reach ] ]
      Drawings::Frame.new(places, left: 0, top: pdf.cursor - 14, wide: pdf.bounds.width, high: HIGH_MM * Paper::MM)
    end

    # Draws within its frame alone: a site is larger than what concerns one lift.
    def inside(top)
      high = HIGH_MM * Paper::MM
      pdf.stroke_rectangle([ 0, top ], pdf.bounds.width, high)
      left, low = pdf.bounds.absolute_left, pdf.bounds.absolute_bottom + top - high
      pdf.save_graphics_state do
        pdf.add_content(format("%.2f %.2f %.2f %.2f re W n", left, low, pdf.bounds.width, high))
        yield
      end
    end

    def features(view, frame)
      view["features"].each { |one| feature(one, frame) }
      view["feet"].each { |foot| shape(foot["outline"], frame, closed: true) }
      x, y = frame.at(view["crane"]["axis"])
      pdf.fill_circle([ x, y ], 3)
      pdf.line_width(1.8)
      way = view["way"].map { |place| frame.at(place) }
      way.each_cons(2) { |from, to| pdf.stroke_line(from, to) }
      pdf.line_width(1)
      view["stations"].each { |one| placed(one, frame) }
    end

    def feature(one, frame)
      look = LOOKS.fetch(one["kind"], {})
      pdf.line_width(look.fetch(:width, 0.8))
      pdf.dash(look[:dash]) if look[:dash]
      places = one["outline"] || one["line"] || [ one["at"] ].compact
      shape(places, frame, closed: !one["outline"].nil?)
      pdf.undash
      pdf.line_width(1)
      at = frame.at(places[0]) if places.any?
      said = [ one["name"], one["words"] && told(one["words"]) ].compact.join(", ")
      words(said, x: at[0] + 2, y: at[1] + 9, width: 130, height: 9, size: 6.5) if at
    end

    def shape(places, frame, closed:)
      points = places.map { |place| frame.at(place) }
      points << points[0] if closed && points.size > 2
      points.each_cons(2) { |from, to| pdf.stroke_line(from, to) }
    end

    def placed(one, frame)
      shape(one["load"], frame, closed: true) if one["load"]
      x, y = frame.at(one["at"])
      pdf.fill_circle([ x, y ], 2.5)
      radius = told(DustLadder::Figure.m(one["radius_m"], :up))
      words("#{one["name"]}, #{radius}", x: x + 4, y: y + 4, width: 120, height: 9, size: 7, style: :bold)
    end

    # What stands under each foot.
    def feet_told(view)
      rows = view["feet"].map { |foot|
        [ foot["name"], told(foot["kpa"]), told(foot["used"]), foot["verdict"].tr("_", " ") ]
      }
      table([ [ "under", "pressure", "of what the ground bears", "" ], *rows ])
    end
  end
end
