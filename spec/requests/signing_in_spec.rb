# Signing in and out, and what an unkind hand tries at that door.
RSpec.describe "Signing in", :signed_out do
  include ActiveSupport::Testing::TimeHelpers

  def send_json(method, path, body = {})
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
    response.parsed_body
  end

  def sign_in(login: "jun.kovar", password: PeopleHelp::PASSWORD) = send_json(:post, "/api/session", login:, password:)
  def in? = get("/api/rule_sets").then { response.status == 200 }

  let!(:jun) { person("Jun Kovar", roles: %w[planner]) }

  it "lets in by name and password, tells who it is, and out again" do
    expect(sign_in["person"]).to eq({ "id" => jun.id, "name" => "Jun Kovar", "roles" => %w[planner] })
    expect(response.status).to eq(201)
    expect(in?).to be(true)
    get "/"
    expect(response.body).to include("Jun Kovar")
    expect(response.headers["Cache-Control"]).to eq("no-store")
    expect(send_json(:delete, "/api/session")).to eq({ "person" => nil, "pick" => [] })
    expect(in?).to be(false)
    get "/"
    expect(response.body).not_to include("Jun Kovar")
  end

  it "lets in whoever is in already, and another in their place" do
    3.times { sign_in }
    expect(in?).to be(true)
    mara = person("Mara Tarn", roles: %w[rigger])
    expect(sign_in(login: "mara.tarn")["person"]["id"]).to eq(mara.id)
    expect([ in?, send_json(:get, "/api/session")["person"]["name"] ]).to eq([ true, "Mara Tarn" ])
  end

  it "takes the name in any case, with room about it" do
    expect(sign_in(login: " Jun.KOVAR ")["person"]).to be_present
  end

  # What is tried; all of it is answered alike.
  {
    "another password" => { password: "Saltpan-ladder-8" },
    "no password" => { password: "" },
    "a name that nobody has" => { login: "nobody" },
    "no name" => { login: "" },
    "a list" => { login: [ "jun.kovar" ], password: [ "x" ] },
    "a search" => { login: { "$ne" => "" }, password: { "$ne" => "" } },
    "a wildcard" => { login: "jun%" },
    "nothing" => { login: nil, password: nil },
    "a very long password" => { password: "x" * 100_000 },
    "a zero byte" => { login: "jun.kovar\u0000", password: "\u0000" }
  }.each do |what, given|
    it "refuses #{what}, and does not say why" do
      said = sign_in(**given)
      expect([ response.status, said["errors"].first["message"] ]).to match([ 401, /do not go together/ ])
      expect(in?).to be(false)
    end
  end

  it "lets nobody in whose account is closed, and ends the session that they had" do
    sign_in
    jun.update!(active: false)
    expect(in?).to be(false)
    expect(sign_in["errors"]).to be_present
  end

  it "locks after ten wrong passwords, says nothing of it, and opens again after a quarter of an hour" do
    10.times { sign_in(password: "wrong") }
    expect(sign_in["errors"].first["message"]).to match(/do not go together/)
    expect(jun.reload.access_locked?).to be(true)
    travel_to(16.minutes.from_now) { expect(sign_in["person"]).to be_present }
  end

  it "ends a session that nobody used for half a day" do
    sign_in
    expect(in?).to be(true)
    travel_to(13.hours.from_now) do
      expect(in?).to be(false)
      expect(response.parsed_body["errors"].first["message"]).to eq("nobody is signed in here")
    end
  end

  it "ends every session of a person at once, and those of an old password" do
    sign_in
    jun.end_sessions
    expect(in?).to be(false)
    sign_in
    jun.update!(password: "Another-saltpan-7")
    expect(in?).to be(false)
  end

  it "gives another session than the one before, so that none can be laid in wait" do
    get "/"
    before = cookies["_dust_ladder_app_session"] || cookies.to_hash.values.first
    sign_in
    expect(cookies.to_hash.values.first).not_to eq(before)
    expect(response.headers["Set-Cookie"].to_s.downcase).to include("httponly", "samesite=lax")
  end

  it "lets nobody be picked outside the demo, and in the demo only whom there is" do
    expect(send_json(:post, "/api/session", pick: jun.id)["errors"]).to be_present
    expect(in?).to be(false)
    allow(SignedIn).to receive(:picking?).and_return(true)
    expect(send_json(:get, "/api/session")["pick"].map { |one| one["name"] }).to eq([ "Jun Kovar" ])
    [ 0, -1, "x", nil, [ jun.id ], {} ].each do |odd|
      expect(send_json(:post, "/api/session", pick: odd)["errors"]).to be_present
    end
    expect(send_json(:post, "/api/session", pick: jun.id)["person"]["name"]).to eq("Jun Kovar")
  end

  it "is not tried more often than a hand would" do
    Rack::Attack.enabled = true
    Rack::Attack.cache.store.clear
    said = Array.new(25) { |time| sign_in(login: "name#{time}").then { response.status } }
    expect([ said.first(20).uniq, said.last ]).to eq([ [ 401 ], 429 ])
    expect(response.parsed_body["errors"].first["message"]).to eq("that was tried too often")
    Rack::Attack.cache.store.clear
    post "/api/session.json", params: "not JSON"
    expect(response.status).to eq(400)
  ensure
    Rack::Attack.enabled = false
    Rack::Attack.cache.store.clear
  end

  it "is not done in somebody's name by another site" do
    ActionController::Base.allow_forgery_protection = true
    sign_in
    expect(response.status).to eq(422)
  ensure
    ActionController::Base.allow_forgery_protection = false
  end
end

RSpec.describe Person do
  def faults(**given)
    described_class
      .new(login: "mara.tarn", name: "Mara Tarn", roles: [ "rigger" ], password: PeopleHelp::PASSWORD, **given)
      .tap(&:valid?)
      .errors
      .full_messages
  end

  it "is somebody with a name, roles that there are, and a password that is one" do
    expect(faults).to eq([])
    {
      { password: "short" } => /fewer than 12/,
      { password: nil } => /blank/,
      { password: "x" * 73 } => /too long/,
      { password: "ü" * 40 } => /too long/,
      { password: "aaaaaaaaaaaaa" } => /repeats itself/,
      { password: "my-Tarn-of-the-pan" } => /holds the person's name/,
      { password: "mara.tarn-2026-12" } => /holds the person's name/,
      { login: " " } => /blank/,
      { login: "two words" } => /invalid/,
      { name: "42" } => /invalid/,
      { roles: [ "king" ] } => /are of reader/,
      { roles: [ "house" ] } => /are of reader/,
      { roles: %w[rigger rigger] } => /are of reader/,
      { roles: "admin" } => /are of reader/
    }.each { |given, words| expect([ given, faults(**given).join ]).to match([ given, words ]) }
  end

  it "is one under a name, whatever its case" do
    person("Jun Kovar")
    expect(faults(login: " JUN.Kovar")).to include("Login has already been taken")
  end
end
