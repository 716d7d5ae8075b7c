class CreatePlansAndStore < ActiveRecord::Migration[7.2]
  def change
    create_table :plans do |t|
      t.string :title, null: false
      t.string :lift_at
      t.integer :lock_version, null: false, default: 0
      t.timestamps
    end

    create_table :revisions do |t|
      t.references :plan, null: false, foreign_key: true, index: false
      t.integer :number, null: false
      t.string :note, null: false, default: ""
      t.json :document, null: false
      t.datetime :created_at, null: false
      t.index %i[plan_id number], unique: true
    end

    create_table :slings do |t|
      t.string :number, null: false, index: { unique: true }
      t.json :data, null: false
      t.timestamps
    end

    create_table :charts do |t|
      t.string :identifier, null: false, index: { unique: true }
      t.json :data, null: false
      t.timestamps
    end
  end
end
