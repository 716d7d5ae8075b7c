module DustLadder
  module Finding
    # One choice of several that there are. id: unlike that of any other; name: of a machine, as its chart has it;
    # reads: of a rack, what tells by which chart and boom it is read, however it is reeved; parts: of its line, nil
    # where that is not known; changes: Advice::Changes, none for what is planned.
    Option =
      Struct.new(:id, :name, :reads, :parts, :changes, keyword_init: true) do
        def minutes = @minutes ||= changes.sum(&:minutes)
        def values = @values ||= changes.map(&:values).reduce({}, :merge)
      end
  end
end
