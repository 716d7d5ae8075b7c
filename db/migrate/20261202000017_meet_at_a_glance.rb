# What other lifts want at a lift's hours is looked up at every look at it: the few that take more than a day apart.
class MeetAtAGlance < ActiveRecord::Migration[7.2]
  def change
    add_index :board_lines,
      :ends,
      where: "substr(ends, 1, 10) > substr(lift_at, 1, 10)",
      name: "board_lines_over_days"
  end
end
