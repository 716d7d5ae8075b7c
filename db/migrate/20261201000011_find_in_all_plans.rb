# Patterns for new plans. What is found by words stands in a table of its own, see PlanText.
class FindInAllPlans < ActiveRecord::Migration[7.2]
  def change
    add_column :plans, :pattern, :boolean, null: false, default: false
    reversible { |way| way.up { execute("UPDATE board_lines SET stale = TRUE, turn = turn + 1") } }
  end
end
