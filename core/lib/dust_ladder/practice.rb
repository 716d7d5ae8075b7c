module DustLadder
  # Drills made by the same core from made-up lifts (handbook, section 20). Results are a person's own, and no
  # certificate.
  module Practice
    module_function

    # Every kind of drill, by its name.
    def kinds
      @kinds ||= [ ReadAngle, WhichLeg, FindRow, OnTheHook, StaysOut, WrongPlan, LevelIt, TagLine ].to_h { |one|
        [ one::KIND, one ]
      }.freeze
    end

    # The Drill of a kind and a seed. Raises KeyError where there is no such kind.
    def drill(kind, seed) = kinds.fetch(kind).new(seed)
  end
end
