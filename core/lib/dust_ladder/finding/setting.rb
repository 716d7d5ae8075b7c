module DustLadder
  module Finding
    # How a crane would be used. rack: the machine and how it is rigged; spot: where it stands and how it turns; mats:
    # what lies under its pads. Each an Option.
    Setting =
      Struct.new(:rack, :spot, :mats) do
        def changes = to_a.flat_map(&:changes)
        def values = to_a.map(&:values).reduce(:merge)
        def minutes = to_a.sum(&:minutes)
        def id = changes.map(&:id).join("+")
        def inspect = "#<#{self.class.name} #{id}>"
      end
  end
end
