class CreateKeptGroups < ActiveRecord::Migration[7.2]
  def change
    create_table :kept_groups do |t|
      t.string :title, null: false, index: { unique: true }
      t.json :data, null: false
      t.timestamps
    end
  end
end
