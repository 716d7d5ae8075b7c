# The sites that lifts take place on, each as the plan format describes one.
class CreateSites < ActiveRecord::Migration[7.2]
  def change
    create_table :sites do |t|
      t.string :identifier, null: false, index: { unique: true }
      t.json :data, null: false
      t.integer :lock_version, null: false, default: 0
      t.timestamps
    end
  end
end
