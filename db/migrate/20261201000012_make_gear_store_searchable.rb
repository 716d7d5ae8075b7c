# The gear store as its keeper's tool: what a list is searched and filtered by stands in columns of its own; looks,
# examinations and acts are records that are only ever added.
class MakeGearStoreSearchable < ActiveRecord::Migration[7.2]
  def change
    change_table :pieces, bulk: true do |t|
      t.string :kind, null: false, default: ""
      t.string :state, null: false, default: "ready"
      t.string :due
      t.float :rating
      t.string :due_given
      t.string :examined
      t.string :use
      t.string :place, null: false, default: ""
      t.string :belongs, null: false, default: ""
      t.string :words, null: false, default: ""
      t.string :code
      t.string :alike, null: false, default: ""
      t.json :measured, null: false, default: {}
      t.index %i[kind state rating]
      t.index %i[state due]
      t.index :due
      t.index :code, unique: true
      t.index :belongs
      t.index %i[sort updated_at]
      t.index %i[sort number]
      t.index :alike
    end
    create_table :piece_looks do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :sort, null: false
      t.string :day, null: false
      t.string :by, null: false
      t.references :person, foreign_key: true
      t.string :result, null: false
      t.string :rules, null: false
      t.json :findings, null: false, default: {}
      t.json :measured, null: false, default: {}
      t.json :told, null: false, default: []
      t.string :words, null: false, default: ""
      t.string :remedy, null: false, default: ""
      t.string :due
      t.datetime :created_at, null: false
      t.index %i[piece_id id]
    end
    create_table :piece_acts do |t|
      t.references :piece, null: false, foreign_key: true
      t.string :act, null: false
      t.string :before, null: false
      t.string :after, null: false
      t.string :with_whom, null: false, default: ""
      t.string :why, null: false, default: ""
      t.references :plan, foreign_key: true
      t.references :person, foreign_key: true
      t.string :by, null: false
      t.datetime :created_at, null: false
      t.index %i[piece_id id]
    end
    create_table :piece_files do |t|
      t.references :holder, polymorphic: true, null: false
      t.timestamps
    end
    create_table :sheet_matches do |t|
      t.string :headings, null: false
      t.json :fields, null: false
      t.timestamps
      t.index :headings, unique: true
    end
    up_only { Piece.reset_column_information and Piece.find_each(&:put_in_columns!) }
  end
end
