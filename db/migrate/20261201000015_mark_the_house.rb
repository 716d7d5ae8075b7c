# One row: what tells this database from every other.
class MarkTheHouse < ActiveRecord::Migration[7.2]
  def change
    create_table :houses do |t|
      t.string :mark, null: false
      t.datetime :created_at, null: false
    end
  end
end
