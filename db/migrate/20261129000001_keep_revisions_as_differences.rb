# Revisions become differences from a whole one before them; snapshots are kept once, by their digest.
class KeepRevisionsAsDifferences < ActiveRecord::Migration[7.2]
  def up
    create_table :snapshots, id: false do |t|
      t.string :digest, null: false, primary_key: true
      t.binary :body, null: false
    end
    change_table :revisions do |t|
      t.string :name
      t.binary :body
      t.references :whole, foreign_key: { to_table: :revisions }
    end
    Revision.reset_column_information
    Revision.write_anew
    change_column_null :revisions, :body, false
    remove_column :revisions, :document
    Revision.reset_column_information
  end

  def down = raise(ActiveRecord::IrreversibleMigration, "an older version does not read revisions kept as differences")
end
