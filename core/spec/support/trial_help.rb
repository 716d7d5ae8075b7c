require_relative "plan_help"

# Lifts of many shapes on chain legs, to be tried.
module TrialHelp
  include PlanHelp

  # A load on two to four chain legs that were taken up by some links, of a size by chance.
  def chained(legs, random)
    long, wide, high = 3 + 5 * random.rand, 1.4 + 1.4 * random.rand, 1 + 1.5 * random.rand
    document =
      on_points(
        places(legs, long, wide),
        kind: "alloy_chain",
        reach: 12.0,
        "/load/size/length" => metres(long),
        "/load/size/width" => metres(wide),
        "/load/size/height" => metres(high),
        "/load/cg/x" => metres(long / 2),
        "/load/cg/y" => metres(wide / 2),
        "/load/cg/z" => metres(high * 0.45),
        "/rigging/hook_height" => metres(high + 0.45 * long + 1 + random.rand)
      )
    document["load"]["points"].each { |point| point["z"] = metres(high) }
    DustLadder::PlanFile.accept(document)
  end

  def metres(value) = format("%.3f m", value)

  def places(legs, long, wide)
    near, far, middle = 0.3, long - 0.3, long / 2
    case legs
    when 2 then { "West" => [ near, wide / 2 ], "East" => [ far, wide / 2 ] }
    when 3 then { "NW" => [ near, wide - 0.2 ], "NE" => [ far, wide - 0.2 ], "S" => [ middle, 0.2 ] }
    else
      {
        "NW" => [ near, wide - 0.2 ],
        "NE" => [ far, wide - 0.2 ],
        "SE" => [ far, 0.2 ],
        "SW" => [ near, 0.2 ]
      }
    end.transform_values { |place| place.map { |at| at.round(3) } }
  end

  # New lengths in m from those that an advice gives as text.
  def lengths_of(advice, before)
    advice.lengths.zip(before).map { |text, was| text ? text.to_f : was }
  end
end
