module DustLadder
  module Load
    # What is drawn of a part: a form filling a box of an extent along its own axes, round a middle, m.
    Solid =
      Struct.new(:form, :middle, :extent, :lie, :measures, :cut, keyword_init: true) do
        def reach = lie.reach(extent)
        def low = @low ||= middle.zip(reach).map { |place, far| place - far / 2 }
        def high = @high ||= middle.zip(reach).map { |place, far| place + far / 2 }
        def as_json(*) =
          {
            "form" => form,
            "middle" => short(middle),
            "extent" => short(extent),
            "lie" => lie.straight? ? nil : short(lie.columns.flatten),
            "measures" => measures,
            "cut" => cut
          }

        private

        def short(numbers) = numbers.map { |number| number.round(6) }
      end
  end
end
