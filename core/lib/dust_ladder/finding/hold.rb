module DustLadder
  module Finding
    # A way to hold the load with slings on it. kind: which arrangement; changes: Advice::Changes of the plan, none
    # where it is held as planned; way: what all holds of one arrangement and hook height have in common; bears: kg that
    # its beam may carry of the load at most, nil without one.
    Hold =
      Struct.new(:kind, :way, :changes, :bears, keyword_init: true) do
        def minutes = changes.sum(&:minutes)
        def values = @values ||= changes.map(&:values).reduce({}, :merge)
        def id = changes.map(&:id).join("+")
        def inspect = "#<#{self.class.name} #{kind} #{id}>"
      end
  end
end
