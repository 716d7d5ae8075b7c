# Who saved first wins and the second is told, for pieces and kept groups too; what they said before is kept.
class GuardSharedData < ActiveRecord::Migration[7.2]
  def change
    add_column :pieces, :lock_version, :integer, null: false, default: 0
    add_column :kept_groups, :lock_version, :integer, null: false, default: 0
    create_table :versions do |t|
      t.string :item_type, null: false
      t.bigint :item_id, null: false
      t.string :event, null: false
      t.string :whodunnit
      t.string :note, null: false, default: ""
      t.json :object
      t.json :object_changes
      t.datetime :created_at
      t.index %i[item_type item_id]
    end
  end
end
