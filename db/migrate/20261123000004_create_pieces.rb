# The gear store: slings and beams in one table, as their keeper writes them. Slings of before are taken over.
class CreatePieces < ActiveRecord::Migration[7.2]
  class OldSling < ActiveRecord::Base
    self.table_name = "slings"
  end

  class NewPiece < ActiveRecord::Base
    self.table_name = "pieces"
  end

  def up
    create_table :pieces do |t|
      t.string :number, null: false, index: { unique: true }
      t.string :sort, null: false
      t.json :fields, null: false
      t.json :data, null: false
      t.timestamps
    end
    OldSling.find_each do |old|
      NewPiece.create!(
        number: old.number,
        sort: "sling",
        fields: DustLadder::Gear::Piece.fields_of(old.data),
        data: old.data
      )
    end
    drop_table :slings
  end

  def down
    create_table :slings do |t|
      t.string :number, null: false, index: { unique: true }
      t.json :data, null: false
      t.timestamps
    end
    NewPiece.where(sort: "sling").find_each { |piece| OldSling.create!(number: piece.number, data: piece.data) }
    drop_table :pieces
  end
end
