module DustLadder
  module Trial
    # What was read at one try, in figures. cells: kg by line of the rig; nil where there is no cell, or a dead one.
    # load: kg of the load by the crane's indicator, what hangs with it taken off; or nil. pitch, roll: degrees, or nil.
    # rests: lengths of the lines as rigged then, m.
    Seen =
      Struct.new(:cells, :load, :pitch, :roll, :rests, keyword_init: true) do
        def cells? = cells.any?
        def tilt? = !pitch.nil? && !roll.nil?
        def nothing? = !cells? && load.nil? && !tilt?
        def without_cell(line) = with_cells { |all| all[line] = nil }
        def with_cells_of(one, other) = with_cells { |all| all[one], all[other] = all[other], all[one] }

        private

        def with_cells = dup.tap { |copy| copy.cells = cells.dup.tap { |all| yield all } }
      end
  end
end
