# What was read once is not read again, until anything in the database changes, by whichever hand.
RSpec.describe Unchanged do
  self.use_transactional_tests = false

  let!(:una) do
    Person.create!(login: "unchanged", name: "Una Still", roles: %w[rigger], password: PeopleHelp::PASSWORD)
  end

  after { Person.where(login: "unchanged").delete_all }

  def asked(key = :count)
    @asked ||= Hash.new(0)
    described_class.of(key) { @asked[key] += 1 }
  end

  def elsewhere
    Thread.new { ActiveRecord::Base.connection_pool.with_connection { yield } }.join
  end

  it "keeps each answer by its key, what is nothing too" do
    expect([ asked, asked, asked(:other), asked ]).to eq([ 1, 1, 1, 1 ])
    many = 0
    2.times { expect(described_class.of(:none) { (many += 1) && nil }).to be_nil }
    expect(many).to eq(1)
  end

  it "asks again after a change by this hand, or by another" do
    expect(asked).to eq(1)
    una.touch
    expect([ asked, asked ]).to eq([ 2, 2 ])
    elsewhere { Person.find(una.id).update_columns(updated_at: 1.day.ago) }
    expect([ asked, asked ]).to eq([ 3, 3 ])
    elsewhere { Person.count }
    expect(asked).to eq(3)
  end

  it "keeps nothing that may be taken back" do
    Person.transaction do
      una.touch
      expect([ asked, asked ]).to eq([ 1, 2 ])
      raise ActiveRecord::Rollback
    end
    expect([ asked, asked ]).to eq([ 3, 3 ])
  end

  it "serves every thread, and forgets the oldest of many" do
    expect(asked).to eq(1)
    elsewhere { expect(asked).to eq(1) }
    (described_class::BYTES / described_class::WEIGHT).times { |at| asked(at) }
    expect(asked).to eq(2)
  end

  it "keeps what was read while it changed as what it was before" do
    read = described_class.of(:names) do
      Person.find(una.id).name.tap { elsewhere { Person.find(una.id).update!(name: "Una Moved") } }
    end
    expect([ read, described_class.of(:names) { Person.find(una.id).name } ]).to eq([ "Una Still", "Una Moved" ])
  end

  it "reads anew what the request has read before" do
    name = -> { Person.find(una.id).name }
    ActiveRecord::Base.cache do
      expect(name.()).to eq("Una Still")
      elsewhere { Person.find(una.id).update!(name: "Una Moved") }
      expect(described_class.of(:anew, &name)).to eq("Una Moved")
    end
  end

  it "is told by another process too" do
    expect(asked).to eq(1)
    file = Rails.root.join(ActiveRecord::Base.connection_db_config.database).to_s
    sql = "UPDATE people SET name = 'Una Elsewhere' WHERE login = 'unchanged'"
    script = "SQLite3::Database.new(ARGV[0]).execute(ARGV[1])"
    expect(system(RbConfig.ruby, "-W0", "-rsqlite3", "-e", script, file, sql)).to be(true)
    expect(asked).to eq(2)
  end

  it "watches anew after it was closed, as before a fork" do
    expect(asked).to eq(1)
    described_class.close
    expect(asked(:other)).to eq(1)
    una.touch
    expect(asked(:other)).to eq(2)
  end

  it "asks each time where nothing can be seen" do
    allow(described_class).to receive(:watched).and_raise(SQLite3::BusyException)
    expect([ asked, asked ]).to eq([ 1, 2 ])
  end

  it "lets a check know at once what another hand changed of the gear, though it asks many times a second" do
    document = demo_document("feed-horn")
    number = DustLadder::Plan::NamedGear.numbers(document)[0]
    fields = JSON.parse(Rails.root.join("demo/store.json").read).find { |one| one["number"] == number }
    data = Piece.create!(fields: fields).data
    house = -> { OwnHouse.of(document)[:house] }
    before = house.()
    expect(house.()).to equal(before)
    expect(before.piece(number, data)).to be_nil
    elsewhere { Piece.find_by!(number: number).then { |one| one.update!(fields: one.fields.merge("reach" => "2 m")) } }
    expect(house.().piece(number, data)).not_to be_nil
  ensure
    Piece.where(number: number).delete_all
  end
end
