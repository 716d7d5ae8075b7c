# Every address, every role: who is let in, and who is not.
RSpec.describe "Who may do what" do
  # Of every API route: verb, path with its parameters as 0, controller and action.
  ROUTES =
    Rails.application.routes.routes.filter_map do |route|
      controller, action = route.defaults.values_at(:controller, :action)
      next unless controller&.start_with?("api/")

      path = route.path.spec.to_s.delete_suffix("(.:format)").gsub(/:\w+/, "0")
      [ route.verb.downcase.to_sym, path, "#{controller.camelize}Controller", action ]
    end
  # What whoever is not signed in needs to sign in.
  OPEN = %w[Api::SessionsController Api::PasswordsController].freeze
  GUARDED = ROUTES.reject { |*, controller, _| OPEN.include?(controller) }

  # Roles by controller and action where not everybody may; written here by hand beside the policies.
  NARROW = {
    "Plans" => { "create" => %w[planner], "update" => %w[planner] },
    "Revisions" => { "update" => %w[planner] },
    "Sketches" => { "create" => %w[planner rigger], "destroy" => %w[planner rigger] },
    "KeptGroups" => { "create" => %w[planner], "destroy" => %w[planner] },
    "Pieces" => { "create" => %w[keeper], "update" => %w[keeper] },
    "PieceChanges" => { "create" => %w[keeper] },
    "Looks" => { "create" => %w[keeper rigger] },
    "Acts" => { "create" => %w[keeper rigger planner appointed engineer] },
    "PieceFiles" => { "create" => %w[keeper rigger] },
    "Charts" => { "create" => %w[planner appointed], "update" => %w[planner appointed] },
    "ChartDrafts" =>
      %w[create update destroy].to_h { |action| [ action, %w[planner appointed] ] },
    "ChartPictures" => { "create" => %w[planner appointed], "destroy" => %w[planner appointed] },
    "ChartPapers" => { "update" => %w[planner appointed engineer] },
    "Withdrawals" => { "create" => %w[appointed] },
    "Lives" => { "create" => %w[rigger planner appointed engineer] },
    "Takings" => { "create" => %w[planner] },
    "Patterns" => { "update" => %w[planner] },
    "RuleSets" => { "create" => %w[planner appointed], "update" => %w[planner appointed] },
    "Questions" =>
      %w[create update].to_h { |action| [ action, %w[rigger planner keeper appointed engineer] ] },
    "People" => { "create" => %w[admin], "update" => %w[admin] },
    "Links" => { "create" => %w[admin] },
    "PersonSessions" => { "destroy" => %w[admin] },
    "Sites" => { "create" => %w[planner appointed], "update" => %w[planner appointed] },
    "Indicators" => { "update" => %w[planner rigger appointed] },
    "Anemometers" => { "update" => %w[planner rigger appointed] },
    "TrialInstruments" => { "update" => %w[planner rigger appointed] }
  }.freeze

  def may(controller, action)
    NARROW.dig(controller.delete_prefix("Api::").delete_suffix("Controller"), action) || Person::ROLES
  end

  def ask(verb, path) = public_send(verb, path, params: "{}", headers: { "Content-Type" => "application/json" })

  it "has a policy for every controller that tells of every action" do
    bare = GUARDED.reject { |*, controller, action| controller.constantize.policy&.tells?(action) }
    expect(bare).to eq([])
    expect(GUARDED.size).to be > 60
  end

  it "knows every narrow place that it is asked about" do
    known = GUARDED.map { |*, controller, action| [ controller[/::(\w+)Controller/, 1], action ] }
    asked = NARROW.flat_map { |controller, actions| actions.keys.map { |action| [ controller, action ] } }
    expect(asked - known).to eq([])
  end

  it "lets nobody in who is not signed in", :signed_out do
    GUARDED.each do |verb, path, *|
      ask(verb, path)
      expect([ verb, path, response.status ]).to eq([ verb, path, 401 ])
      expect(response.parsed_body["errors"].first["message"]).to eq("nobody is signed in here")
    end
  end

  Person::ROLES.each do |role|
    it "lets a person who is #{role} do what is theirs and nothing else" do
      signed_in_as(role)
      let_in =
        GUARDED.select do |verb, path, *|
          ask(verb, path)
          response.status != 403
        end
      expect(let_in).to eq(GUARDED.select { |*, controller, action| may(controller, action).include?(role) })
    end
  end

  it "lets a person without a role look, and do nothing" do
    signed_in_as(name: "Ria Lund")
    GUARDED.each do |verb, path, controller, action|
      ask(verb, path)
      expect([ path, response.status == 403 ]).to eq([ path, may(controller, action) != Person::ROLES ])
    end
  end

  it "says who may, where somebody may not" do
    signed_in_as("rigger")
    ask(:post, "/api/plans")
    expect(response.parsed_body["errors"].first).to include(
      "message" => "this is not for rigger",
      "expected" => "planner"
    )
  end

  it "lets nobody in through a controller that names no policy, nor through an action that its policy does not tell" do
    expect(ApplicationPolicy.new(person, nil)).to have_attributes(show?: false, create?: false, update?: false)
    expect(LookPolicy.new(person, nil)).to have_attributes(show?: true, destroy?: false)
    expect(LookPolicy.new(nil, nil).show?).to be(false)
    expect(ApplicationPolicy.who("show")).to eq("nobody")
  end
end
