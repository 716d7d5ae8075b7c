# What people did with plans: added to, never changed, never taken away.
class CreateLifeRecords < ActiveRecord::Migration[7.2]
  def change
    create_table :life_records do |t|
      t.references :plan, null: false, foreign_key: true, index: false
      t.integer :number, null: false
      t.json :data, null: false
      t.datetime :created_at, null: false
      t.index %i[plan_id number], unique: true
    end
  end
end
