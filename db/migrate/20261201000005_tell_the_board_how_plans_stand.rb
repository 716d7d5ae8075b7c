# How a plan stands by its records, beside its verdict.
class TellTheBoardHowPlansStand < ActiveRecord::Migration[7.2]
  def change
    add_column :board_lines, :state, :string, null: false, default: "draft"
    add_index :board_lines, :state
  end
end
