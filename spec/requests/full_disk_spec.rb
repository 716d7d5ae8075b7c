# A disk that is really full, as SQLite meets it: it ends the transaction by itself, and what is raised first says
# nothing of why.
RSpec.describe "A full disk" do
  include_context "with data for good"

  let(:database) { ActiveRecord::Base.connection }
  let(:plan) { demo_plan("feed-horn") }

  # No page more than there are now.
  def full
    database.execute("VACUUM")
    was = database.select_value("PRAGMA max_page_count")
    database.execute("PRAGMA max_page_count = #{database.select_value("PRAGMA page_count")}")
    yield
  ensure
    database.execute("PRAGMA max_page_count = #{was}")
  end

  def save(words)
    document = plan.reload.document.merge("site" => words)
    body = { document: document, lock_version: plan.lock_version, note: "" }
    patch "/api/plans/#{plan.id}", params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
    response.parsed_body
  end

  # What fills the last page; none of it is kept where it no longer fits.
  def until_refused
    40.times { |at| return if save("words #{SecureRandom.hex(60)} #{at}").key?("errors") }
  end

  it "is told in words, keeps all that was kept before, and is over when there is room" do
    plan
    full do
      until_refused
      expect([ response.status, response.parsed_body["errors"].first["message"] ]).to eq(
        [ 507, "not saved: the disk is full" ]
      )
      before = plan.reload.revisions.count
      expect(plan.current.number).to eq(before)
      get "/api/plans/#{plan.id}"
      expect(response.parsed_body["revision"]).to eq(before)
    end
    expect(save("room again")).to include("revision" => plan.reload.current.number)
  end
end
