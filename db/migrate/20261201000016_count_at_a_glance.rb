# How all plans and pieces stand is told with every page of them: counted in an index, not over their rows.
class CountAtAGlance < ActiveRecord::Migration[7.2]
  def change
    add_index :board_lines, %i[stale archived core verdict], name: "board_lines_standing"
    add_index :board_lines, :crane
    add_index :pieces, %i[kind sort number]
    add_index :pieces, %i[due state]
    remove_index :pieces, :due
  end
end
