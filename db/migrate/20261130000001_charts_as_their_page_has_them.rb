# A chart keeps the page as it was typed, what of it a second person has read, and pictures of the paper; a chart that
# is still being typed is kept here too.
class ChartsAsTheirPageHasThem < ActiveRecord::Migration[7.2]
  def change
    change_table :charts, bulk: true do |t|
      t.text :printed
      t.json :readings, null: false, default: {}
    end
    create_table :chart_drafts do |t|
      t.json :sheet, null: false
      t.string :saved_by, null: false, default: ""
      t.json :typed_by, null: false, default: []
      t.integer :lock_version, null: false, default: 0
      t.timestamps
    end
    create_table :chart_pictures do |t|
      t.references :holder, polymorphic: true, null: false
      t.timestamps
    end
  end
end
