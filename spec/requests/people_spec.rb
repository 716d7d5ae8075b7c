# Who is here, how they come in, what they can do, and what their scripts may ask.
RSpec.describe "People" do
  def ask(verb, path, body = {}, headers = {})
    public_send(
      verb,
      path,
      params: JSON.generate(body),
      headers: { "Content-Type" => "application/json" }.merge(headers)
    )
    response.parsed_body
  end

  def faults = response.parsed_body["errors"].map { |one| one["pointer"] }

  let(:able) { [ { "kind" => "slinger", "by" => "Training yard", "until" => "2027-03-01" } ] }
  let(:given) { { login: "Tamsin", name: "Tamsin Reed", roles: %w[rigger], competences: able } }
  let(:added) { ask(:post, "/api/people", given) }

  it "are added and changed by their admin, and nobody's password is ever told" do
    expect(added).to include("login" => "tamsin", "roles" => %w[rigger], "active" => true, "scripts" => 0)
    expect(added["data"]).to eq("id" => "tamsin", "name" => "Tamsin Reed", "competences" => able)
    changed = ask(:patch, "/api/people/#{added["id"]}", lock_version: added["lock_version"], roles: %w[planner])
    expect(changed).to include("roles" => %w[planner], "competences" => able)
    ask(:get, "/api/people")
    expect(response.body).not_to match(/password|digest_of|encrypted/)
    expect(Person.find(added["id"]).versions.last.object_changes).to include("roles" => [ %w[rigger], %w[planner] ])
  end

  it "are seen by everybody with what they can do, and by nobody else with their roles" do
    added
    signed_in_as("reader")
    seen = ask(:get, "/api/people").find { |one| one["login"] == "tamsin" }
    expect(seen.keys).to match_array(%w[id login name active competences digest data])
  end

  # What is wrong, and where it is told.
  {
    { login: "" } => "/login",
    { login: "two words" } => "/login",
    { login: "x" * 81 } => "/login",
    { name: "7" } => "/name",
    { name: "" } => "/name",
    { roles: %w[king] } => "/roles",
    { roles: "admin" } => nil,
    { roles: %w[house] } => "/roles",
    { competences: "all" } => "/competences",
    { competences: [ 1 ] } => "/competences",
    { competences: [ { kind: "", by: "Y", until: "2027-01-01" } ] } => "/competences/0/kind",
    { competences: [ { kind: "slinger", by: " ", until: "2027-01-01" } ] } => "/competences/0/by",
    { competences: [ { kind: "slinger", by: "Y", until: "2027-02-30" } ] } => "/competences/0/until",
    { competences: [ { kind: "slinger", by: "Y", until: "" } ] } => "/competences/0/until",
    { competences: [ { kind: "slinger", by: "Y" } ] } => "/competences"
  }.each do |wrong, place|
    it "#{place ? "are refused" : "are taken"} with #{wrong.inspect.first(60)}" do
      ask(:post, "/api/people", given.merge(wrong))
      expect([ response.status, place && faults ]).to match(place ? [ 422, include(place) ] : [ 201, nil ])
    end
  end

  it "take nobody's login twice, whatever its letters' size" do
    added
    ask(:post, "/api/people", given.merge(login: " TAMSIN "))
    expect([ response.status, faults ]).to eq([ 422, [ "/login" ] ])
  end

  it "are not changed by two at once without the second being told" do
    path = "/api/people/#{added["id"]}"
    ask(:patch, path, lock_version: added["lock_version"], name: "Tamsin Reed-Lowe")
    ask(:patch, path, lock_version: added["lock_version"], name: "Tam Reed")
    expect(response.status).to eq(409)
    expect(Person.find(added["id"]).name).to eq("Tamsin Reed-Lowe")
  end

  it "never end without an admin" do
    person.update!(roles: %w[reader])
    only = signed_in_as("admin")
    [ { roles: %w[reader] }, { active: false } ].each do |change|
      ask(:patch, "/api/people/#{only.id}", lock_version: only.reload.lock_version, **change)
      expect(
        [ response.status, faults, only.reload.any_role?(%w[admin]),
          only.active ]
      ).to eq([ 422, [ "/roles" ], true, true ])
    end
  end

  describe "a link to a password" do
    let(:link) { ask(:post, "/api/people/#{added["id"]}/link")["path"].delete_prefix("/door/") }
    let(:fresh) { "Long-enough-42x" }

    def use(text, password = fresh) = ask(:post, "/api/password", link: text, password: password)

    it "lets whoever has it set their own, once, and come in" do
      text = link
      logout(:person)
      expect(use(text)).to eq("login" => "tamsin")
      ask(:post, "/api/session", login: "tamsin", password: fresh)
      expect(response.status).to eq(201)
      expect(response.parsed_body["person"]["name"]).to eq("Tamsin Reed")
      use(text, "Another-one-43y")
      expect(response.status).to eq(422)
      expect(Person.find(added["id"]).valid_password?(fresh)).to be(true)
    end

    it "is kept as a digest, ends with the next one, after a day, and with the person" do
      old = link
      expect(Person.find(added["id"]).reset_password_token).not_to include(old)
      newer = ask(:post, "/api/people/#{added["id"]}/link")["path"].delete_prefix("/door/")
      [ old, "", nil, "x", [ newer ], "#{newer}\0x" ].each do |text|
        use(text)
        expect([ text.inspect.first(20), response.status ]).to eq([ text.inspect.first(20), 422 ])
      end
      tamsin = Person.find(added["id"])
      [ { reset_password_sent_at: 25.hours.ago },
        { reset_password_sent_at: 1.hour.ago, active: false } ].each do |change|
        tamsin.update_columns(change)
        use(newer)
        expect([ change.keys, response.status ]).to eq([ change.keys, 422 ])
      end
    end

    it "takes no weak password, and stays until a good one" do
      text = link
      [ "short", "aaaaaaaaaaaaaa", "tamsin-is-my-name", "x" * 80, "", nil ].each do |weak|
        use(text, weak)
        expect([ weak, response.status ]).to eq([ weak, 422 ])
      end
      use(text)
      expect(response.status).to eq(201)
    end

    it "opens an account that was locked, and ends what was open" do
      tamsin = Person.find(added["id"])
      tamsin.lock_access!
      before = tamsin.reload.sessions_version
      use(link)
      expect([ tamsin.reload.access_locked?, tamsin.sessions_version > before ]).to eq([ false, true ])
    end
  end

  it "set another password themselves, by the old one" do
    own = person
    [ [ "wrong", "Long-enough-42x", 422 ], [ PeopleHelp::PASSWORD, "short", 422 ],
      [ PeopleHelp::PASSWORD, "Long-enough-42x", 200 ] ].each do |old, new, status|
      ask(:patch, "/api/session", password: old, new: new)
      expect([ new, response.status ]).to eq([ new, status ])
    end
    expect(own.reload.valid_password?("Long-enough-42x")).to be(true)
    # Who set it stays in.
    expect(ask(:get, "/api/people").size).to eq(1)
  end

  it "are signed out everywhere by their admin, scripts and all" do
    tamsin = Person.find(added["id"])
    ApiToken.give(tamsin, "morning list")
    before = tamsin.sessions_version
    expect(ask(:delete, "/api/people/#{tamsin.id}/sessions")["scripts"]).to eq(0)
    expect(tamsin.reload.sessions_version).to be > before
  end

  describe "their scripts" do
    let(:made) { ask(:post, "/api/tokens", name: "morning list", password: PeopleHelp::PASSWORD) }
    let(:text) { made["text"] }

    def script(verb, path, body = {}, text: self.text)
      logout(:person)
      ask(verb, path, body, "Authorization" => "Bearer #{text}")
    end

    it "ask with a name that is told once and kept as a digest" do
      expect(text.size).to be > 40
      expect(ask(:get, "/api/tokens").map(&:keys).flatten).not_to include("text")
      expect(ApiToken.last.digest).not_to include(text)
      expect(script(:get, "/api/board")).to include("lines")
      expect(ApiToken.last.used_at).to be_present
    end

    it "are made by the person's hand alone: with the password, and under a name" do
      [ [ "x", "wrong" ], [ "", PeopleHelp::PASSWORD ], [ "x" * 81, PeopleHelp::PASSWORD ] ].each do |name, password|
        ask(:post, "/api/tokens", name: name, password: password)
        expect(response.status).to eq(422)
      end
      (ApiToken::MOST + 2).times { |at| ask(:post, "/api/tokens", name: "s#{at}", password: PeopleHelp::PASSWORD) }
      expect([ response.status, ApiToken.count ]).to eq([ 422, ApiToken::MOST ])
    end

    it "are nobody once it is taken away, the person is closed, or the name is another" do
      token = text
      [ "", "x", token.swapcase, token[0..-2] ].each do |wrong|
        script(:get, "/api/board", text: wrong)
        expect(response.status).to eq(401)
      end
      person.update!(active: false)
      script(:get, "/api/board")
      expect(response.status).to eq(401)
      person.update!(active: true)
      ApiToken.last.destroy!
      script(:get, "/api/board")
      expect(response.status).to eq(401)
    end

    it "never fall back on a session that is open beside: a wrong name is nobody" do
      ask(:get, "/api/board", {}, "Authorization" => "Bearer wrong")
      expect(response.status).to eq(401)
    end

    it "may what the person may, and sign nothing, nor change who is here" do
      expect(script(:post, "/api/plans", { title: "By a script" })["id"]).to be_present
      plan = Plan.last
      {
        [ :post, "/api/plans/#{plan.id}/life" ] => 403,
        [ :get, "/api/tokens" ] => 403,
        [ :post, "/api/tokens" ] => 403,
        [ :post, "/api/people" ] => 403,
        [ :patch, "/api/people/#{person.id}" ] => 403,
        [ :post, "/api/people/#{person.id}/link" ] => 403,
        [ :delete, "/api/people/#{person.id}/sessions" ] => 403,
        [ :patch, "/api/session" ] => 401
      }.each do |(verb, path), status|
        script(verb, path, { password: PeopleHelp::PASSWORD })
        expect([ verb, path, response.status ]).to eq([ verb, path, status ])
      end
      expect(Revision.last.by).to eq(person.name)
    end

    it "are another person's business never" do
      made
      other = signed_in_as("reader", name: "Ria Lund")
      ask(:delete, "/api/tokens/#{ApiToken.last.id}")
      expect([ response.status, ApiToken.count, other.api_tokens.count ]).to eq([ 404, 1, 0 ])
    end
  end
end
