RSpec.describe Plan do
  it "keeps every revision, and counts the lock on even when the title stays" do
    plan = demo_plan("feed-horn")
    document = demo_document("feed-horn").merge("site" => "Elsewhere")
    expect { plan.revise(document, lock_version: plan.lock_version, note: "moved") }.to change(
      plan,
      :lock_version
    ).by(1)
    expect(
      plan.reload.revisions.map { |revision| [ revision.number, revision.note, revision.document["site"] ] }
    ).to eq([ [ 1, "started", "Saltpan Array" ], [ 2, "moved", "Elsewhere" ] ])
    expect { plan.revisions.first.update!(note: "rewritten") }.to raise_error(ActiveRecord::ReadOnlyRecord)
    expect { plan.destroy! }.to raise_error(ActiveRecord::DeleteRestrictionError)
  end

  it "refuses the second of two that started from the same state, and keeps nothing of it" do
    plan = demo_plan("feed-horn")
    second = described_class.find(plan.id)
    plan.revise(plan.document, lock_version: 0, note: "first")
    expect { second.revise(second.document, lock_version: 0, note: "second") }.to raise_error(
      ActiveRecord::StaleObjectError
    )
    expect(plan.revisions.reload.map(&:note)).to eq(%w[started first])
  end

  it "stores in SQLite with a write-ahead log, foreign keys and a timeout" do
    connection = described_class.connection
    pragmas = %w[journal_mode foreign_keys synchronous].map { |name| connection.select_value("PRAGMA #{name}") }
    expect(pragmas).to eq([ "wal", 1, 2 ]) # 2: each commit waits for the disk
    expect(connection.pool.db_config.configuration_hash).to include(
      timeout: 5000,
      default_transaction_mode: "immediate"
    )
    expect {
      Revision.insert!({ plan_id: 999_999, number: 1, body: "{}", created_at: Time.current })
    }.to raise_error(ActiveRecord::InvalidForeignKey)
  end
end
