# Revisions are kept as what differs, and give back exactly what was saved.
RSpec.describe Revision, "kept as differences" do
  def with_rows(document, count)
    rows =
      Array.new(count) do |index|
        {
          "name" => "stiffener #{index}",
          "shape" => "plate",
          "dimensions" => "#{300 + index % 977} x #{120 + index % 53} x #{8 + index % 7} mm",
          "material" => "steel",
          "quantity" => (1 + index % 4).to_s,
          "x" => "#{index % 211}.#{index % 10} m",
          "y" => "0 m",
          "z" => "0.#{index % 9} m"
        }
      end
    document.merge("load" => document["load"].merge("take_off" => { "parts" => rows, "groups" => [] }))
  end

  def edited(document, random)
    copy = JSON.parse(JSON.generate(document))
    parts = copy["load"]["take_off"]["parts"]
    case random.rand(4)
    when 0 then parts[random.rand(parts.size)]["quantity"] = random.rand(1..99).to_s
    when 1 then parts.insert(
      random.rand(parts.size),
      parts.sample(random: random).merge("name" => "row #{random.rand}")
    )
    when 2 then parts.delete_at(random.rand(parts.size))
    else copy["site"] = "pad #{random.rand(1000)} ü μ “”"
    end
    copy
  end

  let(:random) { Random.new(20_261_129) }
  let(:plan) { demo_plan("feed-horn") }

  def save(document, note = "typed")
    plan.revise(document, lock_version: plan.lock_version, note: note)
  end

  def bytes = described_class.where(plan: plan).sum("length(body)") + Snapshot.sum("length(body)")

  it "gives every one of many edits back as it was saved, in a small part of their size" do
    saved = [ plan.document ]
    document = with_rows(plan.document, 600)
    150.times do
      document = edited(document, random)
      save(document)
      saved << document
    end
    expect(described_class.where(plan: plan).order(:number).map(&:as_kept)).to eq(saved)
    expect(described_class.where(plan: plan, whole: nil).count).to be_between(2, 5)
    expect(bytes).to be < saved.sum { |one| JSON.generate(one).bytesize } / 50
  end

  it "holds a thousand edits of a plan of 5 000 rows to 30 MB, as its first forty tell" do
    document = with_rows(plan.document, 5_000)
    save(document)
    before = bytes
    40.times { save(document = edited(document, random)) }
    wholes = 1_000 / described_class::MOST_ON_ONE_WHOLE * plan.revisions.where(whole: nil).last.body.bytesize
    expect((bytes - before) * 25 + wholes).to be < 30.megabytes
    expect(plan.reload.document).to eq(document)
  end

  it "keeps a snapshot once, however many revisions carry it, and one with a wrong digest as it came" do
    3.times { |at| save(plan.document.merge("site" => "pad #{at}")) }
    snapshots = plan.document["snapshots"].slice(*Snapshot::KINDS).sum { |_, named| named.size }
    expect(Snapshot.count).to eq(snapshots)
    forged = JSON.parse(JSON.generate(plan.document))
    forged["snapshots"]["charts"].each_value { |chart| chart["data"]["title"] = "forged" }
    lean = Snapshot.lean(forged)
    expect(lean["snapshots"]["charts"]).to eq(forged["snapshots"]["charts"])
    expect(Snapshot.whole(lean)).to eq(forged)
  end

  describe "thinned" do
    # Revisions at minutes before now, by their names.
    def made_at(*minutes)
      minutes.each_with_index do |ago, at|
        save(plan.document.merge("site" => "pad #{at}"))
        described_class.where(id: plan.revisions.last.id).update_all(created_at: ago.minutes.ago.change(sec: 0))
      end
    end

    around { |example| travel_to(Time.utc(2026, 11, 29, 12, 30)) { example.run } }
    include ActiveSupport::Testing::TimeHelpers

    it "keeps the last of each hour of those older than a day, what somebody named, the first and all of today" do
      day = 24 * 60
      made_at(3 * day, 3 * day - 5, 3 * day - 10, 2 * day, 2 * day - 1, 20, 10)
      plan.revisions.find_by!(number: 3).name_it("before the change of slings")
      described_class.thin(plan)
      # 1 is the first, 3 is named, 4 and 6 were the last of their hours, 7 and 8 are of today.
      expect(plan.revisions.reload.map(&:number)).to eq([ 1, 3, 4, 6, 7, 8 ])
      expect(plan.revisions.map(&:as_kept).map { |one| one["site"] }.last(2)).to eq([ "pad 5", "pad 6" ])
    end

    it "leaves what others differ from" do
      made_at(*Array.new(104) { |at| 4000 - at % 50 })
      described_class.thin(plan)
      expect(plan.revisions.reload.map(&:as_kept)).to all(include("site"))
    end

    it "comes with the first save of another day" do
      made_at(3000, 2999)
      plan.update_columns(updated_at: 2.days.ago)
      save(plan.document.merge("site" => "today"))
      expect(plan.revisions.reload.map(&:number)).to eq([ 1, 3, 4 ])
    end
  end
end
