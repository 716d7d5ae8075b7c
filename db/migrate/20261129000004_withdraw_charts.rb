# A version of a chart may be withdrawn, with a reason; and says why it took the place of the one before.
class WithdrawCharts < ActiveRecord::Migration[7.2]
  def change
    add_column :charts, :why, :string, null: false, default: ""
    add_column :charts, :withdrawn_by, :string
    add_column :charts, :withdrawn_on, :date
    add_column :charts, :withdrawn_why, :string
    add_column :charts, :lock_version, :integer, null: false, default: 0
  end
end
