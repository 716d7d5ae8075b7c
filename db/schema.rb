# This file is auto-generated from the current state of the database. Instead
# of editing this file, please use the migrations feature of Active Record to
# incrementally modify your database, and then regenerate this schema definition.
#
# This file is the source Rails uses to define your schema when running `bin/rails
# db:schema:load`. When creating a new database, `bin/rails db:schema:load` tends to
# be faster and is potentially less error prone than running all of your
# migrations from scratch. Old migrations may fail to apply correctly if those
# migrations use external dependencies or application code.
#
# It's strongly recommended that you check this file into your version control system.

ActiveRecord::Schema[7.2].define(version: 2026_12_02_000017) do
  create_table "active_storage_attachments", force: :cascade do |t|
    t.string "name", null: false
    t.string "record_type", null: false
    t.integer "record_id", null: false
    t.integer "blob_id", null: false
    t.datetime "created_at", null: false
    t.index ["blob_id"], name: "index_active_storage_attachments_on_blob_id"
    t.index ["record_type", "record_id", "name", "blob_id"], name: "index_active_storage_attachments_uniqueness", unique: true
  end

  create_table "active_storage_blobs", force: :cascade do |t|
    t.string "key", null: false
    t.string "filename", null: false
    t.string "content_type"
    t.text "metadata"
    t.string "service_name", null: false
    t.bigint "byte_size", null: false
    t.string "checksum"
    t.datetime "created_at", null: false
    t.index ["key"], name: "index_active_storage_blobs_on_key", unique: true
  end

  create_table "active_storage_variant_records", force: :cascade do |t|
    t.integer "blob_id", null: false
    t.string "variation_digest", null: false
    t.index ["blob_id", "variation_digest"], name: "index_active_storage_variant_records_uniqueness", unique: true
  end

  create_table "api_tokens", force: :cascade do |t|
    t.integer "person_id", null: false
    t.string "name", null: false
    t.string "digest", null: false
    t.datetime "used_at"
    t.datetime "created_at", null: false
    t.index ["digest"], name: "index_api_tokens_on_digest", unique: true
    t.index ["person_id"], name: "index_api_tokens_on_person_id"
  end

  create_table "board_lines", force: :cascade do |t|
    t.integer "plan_id", null: false
    t.integer "revision", null: false
    t.string "core", default: "", null: false
    t.boolean "stale", default: true, null: false
    t.integer "turn", default: 0, null: false
    t.string "lift_at"
    t.string "verdict"
    t.integer "rank"
    t.string "crane"
    t.string "words", default: "", null: false
    t.string "pieces", default: "", null: false
    t.json "shown", default: {}, null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.string "state", default: "draft", null: false
    t.string "ends"
    t.json "taken", default: {}, null: false
    t.boolean "archived", default: false, null: false
    t.json "waits", default: [], null: false
    t.boolean "waiting", default: false, null: false
    t.date "looked_on"
    t.json "asks", default: [], null: false
    t.index "lift_at IS NULL, lift_at, plan_id", name: "board_lines_by_day"
    t.index "rank, lift_at IS NULL, lift_at, plan_id", name: "board_lines_by_rank"
    t.index ["crane"], name: "index_board_lines_on_crane"
    t.index ["ends"], name: "board_lines_over_days", where: "substr(ends, 1, 10) > substr(lift_at, 1, 10)"
    t.index ["lift_at", "ends"], name: "index_board_lines_on_lift_at_and_ends"
    t.index ["plan_id"], name: "index_board_lines_on_plan_id", unique: true
    t.index ["stale", "archived", "core", "verdict"], name: "board_lines_standing"
    t.index ["state"], name: "index_board_lines_on_state"
    t.index ["waiting", "lift_at"], name: "index_board_lines_on_waiting_and_lift_at"
  end

  create_table "chart_drafts", force: :cascade do |t|
    t.json "sheet", null: false
    t.string "saved_by", default: "", null: false
    t.json "typed_by", default: [], null: false
    t.integer "lock_version", default: 0, null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
  end

  create_table "chart_pictures", force: :cascade do |t|
    t.string "holder_type", null: false
    t.integer "holder_id", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["holder_type", "holder_id"], name: "index_chart_pictures_on_holder"
  end

  create_table "charts", force: :cascade do |t|
    t.string "identifier", null: false
    t.json "data", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "version", default: 1, null: false
    t.string "why", default: "", null: false
    t.string "withdrawn_by"
    t.date "withdrawn_on"
    t.string "withdrawn_why"
    t.integer "lock_version", default: 0, null: false
    t.text "printed"
    t.json "readings", default: {}, null: false
    t.index ["identifier", "version"], name: "index_charts_on_identifier_and_version", unique: true
  end

  create_table "day_events", force: :cascade do |t|
    t.integer "plan_id", null: false
    t.integer "number", null: false
    t.string "uid", null: false
    t.string "kind", null: false
    t.string "revision", null: false
    t.string "words", default: "", null: false
    t.json "data", null: false
    t.datetime "created_at", null: false
    t.index ["kind", "created_at"], name: "index_day_events_on_kind_and_created_at"
    t.index ["plan_id", "number"], name: "index_day_events_on_plan_id_and_number", unique: true
    t.index ["plan_id"], name: "index_day_events_on_plan_id"
    t.index ["uid"], name: "index_day_events_on_uid", unique: true
  end

  create_table "drill_answers", force: :cascade do |t|
    t.integer "person_id", null: false
    t.string "kind", null: false
    t.integer "seed", null: false
    t.boolean "right", null: false
    t.datetime "created_at", null: false
    t.index ["person_id"], name: "index_drill_answers_on_person_id"
  end

  create_table "houses", force: :cascade do |t|
    t.string "mark", null: false
    t.datetime "created_at", null: false
  end

  create_table "kept_groups", force: :cascade do |t|
    t.string "title", null: false
    t.json "data", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "lock_version", default: 0, null: false
    t.index ["title"], name: "index_kept_groups_on_title", unique: true
  end

  create_table "life_records", force: :cascade do |t|
    t.integer "plan_id", null: false
    t.integer "number", null: false
    t.json "data", null: false
    t.datetime "created_at", null: false
    t.index ["plan_id", "number"], name: "index_life_records_on_plan_id_and_number", unique: true
  end

  create_table "own_rules", force: :cascade do |t|
    t.string "identifier", null: false
    t.integer "version", null: false
    t.json "data", null: false
    t.string "by", null: false
    t.datetime "created_at", null: false
    t.index ["identifier", "version"], name: "index_own_rules_on_identifier_and_version", unique: true
  end

  create_table "people", force: :cascade do |t|
    t.string "login", null: false
    t.string "name", null: false
    t.json "roles", default: [], null: false
    t.boolean "active", default: true, null: false
    t.string "encrypted_password", default: "", null: false
    t.integer "sessions_version", default: 0, null: false
    t.string "reset_password_token"
    t.datetime "reset_password_sent_at"
    t.integer "failed_attempts", default: 0, null: false
    t.datetime "locked_at"
    t.integer "lock_version", default: 0, null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.json "competences", default: [], null: false
    t.index ["login"], name: "index_people_on_login", unique: true
    t.index ["reset_password_token"], name: "index_people_on_reset_password_token", unique: true
  end

  create_table "piece_acts", force: :cascade do |t|
    t.integer "piece_id", null: false
    t.string "act", null: false
    t.string "before", null: false
    t.string "after", null: false
    t.string "with_whom", default: "", null: false
    t.string "why", default: "", null: false
    t.integer "plan_id"
    t.integer "person_id"
    t.string "by", null: false
    t.datetime "created_at", null: false
    t.index ["person_id"], name: "index_piece_acts_on_person_id"
    t.index ["piece_id", "id"], name: "index_piece_acts_on_piece_id_and_id"
    t.index ["piece_id"], name: "index_piece_acts_on_piece_id"
    t.index ["plan_id"], name: "index_piece_acts_on_plan_id"
  end

  create_table "piece_files", force: :cascade do |t|
    t.string "holder_type", null: false
    t.integer "holder_id", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["holder_type", "holder_id"], name: "index_piece_files_on_holder"
  end

  create_table "piece_looks", force: :cascade do |t|
    t.integer "piece_id", null: false
    t.string "sort", null: false
    t.string "day", null: false
    t.string "by", null: false
    t.integer "person_id"
    t.string "result", null: false
    t.string "rules", null: false
    t.json "findings", default: {}, null: false
    t.json "measured", default: {}, null: false
    t.json "told", default: [], null: false
    t.string "words", default: "", null: false
    t.string "remedy", default: "", null: false
    t.string "due"
    t.datetime "created_at", null: false
    t.index ["person_id"], name: "index_piece_looks_on_person_id"
    t.index ["piece_id", "id"], name: "index_piece_looks_on_piece_id_and_id"
    t.index ["piece_id"], name: "index_piece_looks_on_piece_id"
  end

  create_table "pieces", force: :cascade do |t|
    t.string "number", null: false
    t.string "sort", null: false
    t.json "fields", null: false
    t.json "data", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "lock_version", default: 0, null: false
    t.string "kind", default: "", null: false
    t.string "state", default: "ready", null: false
    t.string "due"
    t.float "rating"
    t.string "due_given"
    t.string "examined"
    t.string "use"
    t.string "place", default: "", null: false
    t.string "belongs", default: "", null: false
    t.string "words", default: "", null: false
    t.string "code"
    t.string "alike", default: "", null: false
    t.json "measured", default: {}, null: false
    t.index ["alike"], name: "index_pieces_on_alike"
    t.index ["belongs"], name: "index_pieces_on_belongs"
    t.index ["code"], name: "index_pieces_on_code", unique: true
    t.index ["due", "state"], name: "index_pieces_on_due_and_state"
    t.index ["kind", "sort", "number"], name: "index_pieces_on_kind_and_sort_and_number"
    t.index ["kind", "state", "rating"], name: "index_pieces_on_kind_and_state_and_rating"
    t.index ["number"], name: "index_pieces_on_number", unique: true
    t.index ["sort", "number"], name: "index_pieces_on_sort_and_number"
    t.index ["sort", "updated_at"], name: "index_pieces_on_sort_and_updated_at"
    t.index ["state", "due"], name: "index_pieces_on_state_and_due"
  end

  create_table "plans", force: :cascade do |t|
    t.string "title", null: false
    t.string "lift_at"
    t.integer "lock_version", default: 0, null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.json "writers", default: [], null: false
    t.boolean "pattern", default: false, null: false
  end

  create_table "questions", force: :cascade do |t|
    t.integer "plan_id", null: false
    t.string "rung", null: false
    t.integer "revision", null: false
    t.string "words", null: false
    t.integer "asker_id", null: false
    t.integer "asked_id"
    t.string "answer"
    t.integer "answerer_id"
    t.datetime "answered_at"
    t.integer "lock_version", default: 0, null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["answerer_id"], name: "index_questions_on_answerer_id"
    t.index ["asked_id"], name: "index_questions_on_asked_id"
    t.index ["asker_id"], name: "index_questions_on_asker_id"
    t.index ["plan_id"], name: "index_questions_on_plan_id"
  end

  create_table "revisions", force: :cascade do |t|
    t.integer "plan_id", null: false
    t.integer "number", null: false
    t.string "note", default: "", null: false
    t.datetime "created_at", null: false
    t.string "name"
    t.binary "body", null: false
    t.integer "whole_id"
    t.string "by", default: "", null: false
    t.string "told", default: "", null: false
    t.index ["plan_id", "number"], name: "index_revisions_on_plan_id_and_number", unique: true
    t.index ["whole_id"], name: "index_revisions_on_whole_id"
  end

  create_table "sheet_matches", force: :cascade do |t|
    t.string "headings", null: false
    t.json "fields", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["headings"], name: "index_sheet_matches_on_headings", unique: true
  end

  create_table "sites", force: :cascade do |t|
    t.string "identifier", null: false
    t.json "data", null: false
    t.integer "lock_version", default: 0, null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["identifier"], name: "index_sites_on_identifier", unique: true
  end

  create_table "sketches", force: :cascade do |t|
    t.integer "plan_id", null: false
    t.datetime "created_at", null: false
    t.index ["plan_id"], name: "index_sketches_on_plan_id"
  end

  create_table "snapshots", primary_key: "digest", id: :string, force: :cascade do |t|
    t.binary "body", null: false
  end

  create_table "versions", force: :cascade do |t|
    t.string "item_type", null: false
    t.bigint "item_id", null: false
    t.string "event", null: false
    t.string "whodunnit"
    t.string "note", default: "", null: false
    t.json "object"
    t.json "object_changes"
    t.datetime "created_at"
    t.index ["item_type", "item_id"], name: "index_versions_on_item_type_and_item_id"
  end

  add_foreign_key "active_storage_attachments", "active_storage_blobs", column: "blob_id"
  add_foreign_key "active_storage_variant_records", "active_storage_blobs", column: "blob_id"
  add_foreign_key "api_tokens", "people", on_delete: :cascade
  add_foreign_key "board_lines", "plans", on_delete: :cascade
  add_foreign_key "day_events", "plans"
  add_foreign_key "drill_answers", "people"
  add_foreign_key "life_records", "plans"
  add_foreign_key "piece_acts", "people"
  add_foreign_key "piece_acts", "pieces"
  add_foreign_key "piece_acts", "plans"
  add_foreign_key "piece_looks", "people"
  add_foreign_key "piece_looks", "pieces"
  add_foreign_key "questions", "people", column: "answerer_id"
  add_foreign_key "questions", "people", column: "asked_id"
  add_foreign_key "questions", "people", column: "asker_id"
  add_foreign_key "questions", "plans"
  add_foreign_key "revisions", "plans"
  add_foreign_key "revisions", "revisions", column: "whole_id"
  add_foreign_key "sketches", "plans"
end
