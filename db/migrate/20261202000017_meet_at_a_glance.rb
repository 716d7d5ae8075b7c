# What other lifts want at a lift's hours is looked up at every look at it: the few that take more than a day apart. And
# what a plan asks of the house is kept beside what it takes; an empty list says that nobody kept it yet.
class MeetAtAGlance < ActiveRecord::Migration[7.2]
  def change
    add_index :board_lines,
      :ends,
      where: "substr(ends, 1, 10) > substr(lift_at, 1, 10)",
      name: "board_lines_over_days"
    add_column :board_lines, :asks, :json, null: false, default: []
  end
end
