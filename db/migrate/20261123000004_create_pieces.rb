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
        fields: fields_of(old.data),
        data: old.data
      )
    end
    drop_table :slings
  end

  # A sling of then as its keeper would have written it; written out here, so that it outlives what the core becomes.
  def fields_of(data)
    quantity = ->(value, unit) { value.nil? ? "" : "#{format("%.4f", value).sub(/\.?0+\z/, "")} #{unit}" }
    tag = data["tag"]
    bands = tag["multi_leg"].to_a.map { |band| "#{band["upto_deg_from_plumb"]}°: #{quantity.(band["kg"], "kg")}" }
    {
      **data.slice("number", "kind", "size"),
      "mass" => quantity.(data["mass_kg"], "kg"),
      "state" => "ready",
      "legs" => data["legs"].to_i.to_s,
      "reach" => quantity.(data["reach_m"], "m"),
      "link_pitch" => quantity.(data["link_pitch_m"], "m"),
      "diameter" => quantity.(data["diameter_m"], "m"),
      "ends" => data["ends"].to_s,
      "legible" => tag["legible"] ? "yes" : "no",
      "bands" => bands.join("; "),
      **%w[vertical choker basket].to_h { |hitch| [ hitch, quantity.(tag["#{hitch}_kg"], "kg") ] }
    }
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
