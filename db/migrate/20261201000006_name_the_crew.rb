# What people can do and until when; what a lift takes and until when; names for scripts.
class NameTheCrew < ActiveRecord::Migration[7.2]
  def change
    add_column :people, :competences, :json, null: false, default: []
    add_column :board_lines, :ends, :string
    add_column :board_lines, :taken, :json, null: false, default: {}
    add_column :board_lines, :archived, :boolean, null: false, default: false
    add_index :board_lines, %i[lift_at ends]
    create_table :api_tokens do |t|
      t.references :person, null: false, foreign_key: { on_delete: :cascade }
      t.string :name, null: false
      t.string :digest, null: false, index: { unique: true }
      t.datetime :used_at
      t.datetime :created_at, null: false
    end
    # What the lines there are take is read when they are worked out.
    reversible { |way| way.up { execute("UPDATE board_lines SET stale = TRUE, turn = turn + 1") } }
  end
end
