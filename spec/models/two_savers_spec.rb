RSpec.describe Plan, "saved by many at once" do
  self.use_transactional_tests = false

  after { [ Revision, described_class ].each(&:delete_all) }

  it "lets one of them win each time, keeps the numbers whole and loses no revision" do
    plan = demo_plan("feed-horn")
    outcomes =
      Array
        .new(4) do |saver|
          Thread.new do
            ActiveRecord::Base.connection_pool.with_connection do
              Array.new(5) do
                own = described_class.find(plan.id)
                own.revise(
                  own.document.merge("site" => "saver #{saver}"),
                  lock_version: own.lock_version,
                  note: "saver #{saver}"
                )
                :kept
              rescue ActiveRecord::StaleObjectError
                :told
              end
            end
          end
        end
        .flat_map(&:value)

    expect(outcomes.uniq - %i[kept told]).to eq([])
    kept = outcomes.count(:kept)
    expect(kept).to be >= 1
    plan.reload
    expect(plan.revisions.pluck(:number)).to eq((1..kept + 1).to_a)
    expect(plan.lock_version).to eq(kept)
  end
end
