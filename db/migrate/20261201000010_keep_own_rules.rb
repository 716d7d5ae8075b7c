# The site's own rule sets, version by version.
class KeepOwnRules < ActiveRecord::Migration[7.2]
  def change
    create_table :own_rules do |t|
      t.string :identifier, null: false
      t.integer :version, null: false
      t.json :data, null: false
      t.string :by, null: false
      t.datetime :created_at, null: false
      t.index %i[identifier version], unique: true
    end
  end
end
