module DustLadder
  class Ladder
    # One part of a rung that carries its own figure: a leg, a station.
    Part =
      Struct.new(:name, :verdict, :utilisation, :demand, :capacity, :nominal, :note, keyword_init: true) do
        def as_json(*)
          {
            "name" => name,
            "verdict" => verdict,
            "utilisation" => utilisation&.finite? ? Figure.percent(utilisation).as_json : nil,
            "demand" => demand&.as_json,
            "capacity" => capacity&.as_json,
            "nominal" => nominal&.as_json,
            "note" => note&.as_json
          }
        end
      end
  end
end
