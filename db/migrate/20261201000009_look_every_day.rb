# On which day each plan was looked at last: those by which somebody may lift are looked at every day.
class LookEveryDay < ActiveRecord::Migration[7.2]
  def change
    add_column :board_lines, :looked_on, :date
  end
end
