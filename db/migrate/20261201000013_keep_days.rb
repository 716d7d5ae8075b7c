# The day of a lift is a record of events that is only ever added to; uid is made where an event was said, so that
# sending it twice keeps it once.
class KeepDays < ActiveRecord::Migration[7.2]
  def change
    create_table :day_events do |t|
      t.references :plan, null: false, foreign_key: true
      t.integer :number, null: false
      t.string :uid, null: false
      t.string :kind, null: false
      t.string :revision, null: false
      t.string :words, null: false, default: ""
      t.json :data, null: false
      t.datetime :created_at, null: false
      t.index %i[plan_id number], unique: true
      t.index :uid, unique: true
      t.index %i[kind created_at]
    end
  end
end
