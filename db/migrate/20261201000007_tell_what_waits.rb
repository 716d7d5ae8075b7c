# What of each plan waits for whom; questions beside a rung.
class TellWhatWaits < ActiveRecord::Migration[7.2]
  def change
    add_column :board_lines, :waits, :json, null: false, default: []
    add_column :board_lines, :waiting, :boolean, null: false, default: false
    add_index :board_lines, %i[waiting lift_at]
    create_table :questions do |t|
      t.references :plan, null: false, foreign_key: true
      t.string :rung, null: false
      t.integer :revision, null: false
      t.string :words, null: false
      t.references :asker, null: false, foreign_key: { to_table: :people }
      t.references :asked, foreign_key: { to_table: :people }
      t.string :answer
      t.references :answerer, foreign_key: { to_table: :people }
      t.datetime :answered_at
      t.integer :lock_version, null: false, default: 0
      t.timestamps
    end
    reversible { |way| way.up { execute("UPDATE board_lines SET stale = TRUE, turn = turn + 1") } }
  end
end
