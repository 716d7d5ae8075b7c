# What somebody answered to a drill, in the order given: theirs alone, and no certificate.
class KeepDrillAnswers < ActiveRecord::Migration[7.2]
  def change
    create_table :drill_answers do |t|
      t.references :person, null: false, foreign_key: true
      t.string :kind, null: false
      t.integer :seed, null: false
      t.boolean :right, null: false
      t.datetime :created_at, null: false
    end
  end
end
