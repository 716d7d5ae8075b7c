class GiveChartsVersions < ActiveRecord::Migration[7.2]
  def change
    add_column :charts, :version, :integer, null: false, default: 1
    remove_index :charts, :identifier, unique: true
    add_index :charts, %i[identifier version], unique: true
  end
end
