# What the board shows of each plan, kept so that ten thousand of them need not be climbed to be listed.
class CreateBoardLines < ActiveRecord::Migration[7.2]
  def change
    create_table :board_lines do |t|
      t.references :plan, null: false, index: { unique: true }, foreign_key: { on_delete: :cascade }
      t.integer :revision, null: false
      t.string :core, null: false, default: ""
      t.boolean :stale, null: false, default: true
      t.integer :turn, null: false, default: 0
      t.string :lift_at
      t.string :verdict
      t.integer :rank
      t.string :crane
      t.string :words, null: false, default: ""
      t.string :pieces, null: false, default: ""
      t.json :shown, null: false, default: {}
      t.timestamps
      t.index "lift_at IS NULL, lift_at, plan_id", name: "board_lines_by_day"
      t.index "rank, lift_at IS NULL, lift_at, plan_id", name: "board_lines_by_rank"
    end
    up_only { execute <<~SQL }
      INSERT INTO board_lines (plan_id, revision, lift_at, words, created_at, updated_at)
      SELECT plans.id, MAX(revisions.number), plans.lift_at, LOWER(plans.title), plans.created_at, plans.updated_at
      FROM plans JOIN revisions ON revisions.plan_id = plans.id GROUP BY plans.id
    SQL
  end
end
