# What many people keep together is never silently overwritten.
RSpec.describe "Shared data" do
  def json = JSON.parse(response.body)
  def send_json(method, path, body)
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
  end

  describe "a piece of gear" do
    let(:fields) { { "number" => "R-90", "kind" => "polyester_round", "reach" => "4 m", "vertical" => "3 t" } }
    let!(:piece) { Piece.create!(fields: fields) }
    let(:quarantined) { piece.fields.merge("state" => "quarantined", "note" => "cut near the eye") }

    it "is not taken out of quarantine by an older form" do
      send_json(:patch, "/api/pieces/#{piece.id}", fields: quarantined, lock_version: 0)
      expect(response).to have_http_status(:ok)
      expect(json["lock_version"]).to eq(1)

      send_json(:patch, "/api/pieces/#{piece.id}", fields: piece.fields.merge("place" => "rack 4"), lock_version: 0)
      expect(response).to have_http_status(:conflict)
      expect(json["now"]["fields"]).to include("state" => "quarantined", "note" => "cut near the eye")
      expect(piece.reload.fields["state"]).to eq("quarantined")
    end

    it "wants to know which state a change started from" do
      [ nil, "x", -1, 2**63 ].each do |odd|
        send_json(:patch, "/api/pieces/#{piece.id}", fields: quarantined, lock_version: odd)
        expect(response).to have_http_status(:bad_request)
      end
      expect(piece.reload.fields["state"]).to eq("ready")
    end

    it "tells what was written of it before, field by field" do
      send_json(:patch, "/api/pieces/#{piece.id}", fields: quarantined, lock_version: 0)
      get "/api/pieces/#{piece.id}"
      newest, first = json["history"]
      expect(newest["changes"]).to contain_exactly(
        { "field" => "state", "from" => "ready", "to" => "quarantined" },
        { "field" => "note", "from" => "", "to" => "cut near the eye" }
      )
      expect(first).to include("event" => "create")
      expect(json["now"]["lock_version"]).to eq(1)
    end

    describe "of a file" do
      let(:row) { { fields: fields.merge("vertical" => "2.5 t"), lock_version: 0 } }
      let(:other) { { fields: fields.merge("number" => "R-91") } }

      it "is read with what would change, and taken as it was seen" do
        text = "number,vertical,state\nR-90,2.5 t,ready\nR-91,1 t,ready\n"
        upload = Rack::Test::UploadedFile.new(StringIO.new(text), "text/csv", original_filename: "a.csv")
        post "/api/store_readings", params: { file: upload }
        known, unknown = json["rows"]
        expect(known).to include(
          "lock_version" => 0,
          "changes" => [ { "field" => "vertical", "from" => "3 t", "to" => "2.5 t" } ]
        )
        expect(unknown).to include("lock_version" => nil, "changes" => [])

        send_json(:post, "/api/pieces", rows: [ row, other ], file: "a.csv")
        expect(response).to have_http_status(:created)
        expect(piece.reload.history.first).to include(note: "from a.csv")
      end

      it "takes none where a known piece stands twice" do
        twice = { fields: fields.merge("vertical" => "1 t"), lock_version: 0 }
        send_json(:post, "/api/pieces", rows: [ row, twice ])
        expect(response).to have_http_status(:conflict)
        expect(json["errors"].map { |one| one["pointer"] }).to eq(%w[/rows/0 /rows/1])
        expect(piece.reload.fields["vertical"]).to eq("3 t")
      end

      it "takes none where one was changed, added or seen as new meanwhile" do
        piece.rewrite(quarantined, lock_version: 0)
        [ [ row, other ], [ other, { fields: fields } ], [ other.merge(lock_version: 3) ] ].each do |rows|
          send_json(:post, "/api/pieces", rows: rows)
          expect(response).to have_http_status(:conflict)
          expect(json["errors"].first["message"]).to match(/R-9[01] was/)
        end
        expect(Piece.pluck(:number)).to eq([ "R-90" ])
        expect(piece.reload.fields["state"]).to eq("quarantined")
      end
    end
  end

  describe "a kept group" do
    let(:parts) { demo_document("mast-section").dig("load", "take_off", "groups", 0, "parts") }
    let!(:group) { KeptGroup.create!(title: "Door leaf", data: { "title" => "Door leaf", "parts" => parts }) }
    let(:shorter) { { "title" => "Door leaf", "parts" => parts.first(2) } }

    it "is replaced only by who has seen it, and keeps what it said" do
      send_json(:post, "/api/kept_groups", title: "Door leaf", data: shorter)
      expect(response).to have_http_status(:conflict)
      expect(json["now"]).to include("rows" => parts.size, "lock_version" => 0)
      expect(group.reload.data["parts"].size).to eq(parts.size)

      send_json(:post, "/api/kept_groups", title: "Door leaf", data: shorter, lock_version: 0)
      expect(response).to have_http_status(:created)
      expect(group.versions.last.object["data"]["parts"].size).to eq(parts.size)
    end

    it "is taken away only by who has seen it" do
      delete "/api/kept_groups/#{group.id}"
      expect(response).to have_http_status(:bad_request)
      send_json(:delete, "/api/kept_groups/#{group.id}", lock_version: 4)
      expect(response).to have_http_status(:conflict)
      send_json(:delete, "/api/kept_groups/#{group.id}", lock_version: 0)
      expect(response).to have_http_status(:no_content)
      expect(PaperTrail::Version.where(item_type: "KeptGroup").last.object["data"]["parts"].size).to eq(parts.size)
    end
  end

  describe "a revision" do
    let(:plan) { demo_plan("feed-horn") }

    it "is named, and listed by its name" do
      send_json(:patch, "/api/plans/#{plan.id}/revisions/1", name: "  as briefed #{"x" * 200}")
      expect(json["name"]).to match(/\Aas briefed x+\z/).and(have_attributes(size: 80))
      get "/api/plans/#{plan.id}/revisions"
      expect(json.first["name"]).to start_with("as briefed")
      send_json(:patch, "/api/plans/#{plan.id}/revisions/1", name: " ")
      expect(json["name"]).to be_nil
      [ nil, 7, {} ].each do |odd|
        send_json(:patch, "/api/plans/#{plan.id}/revisions/1", name: odd)
        expect(response).to have_http_status(:bad_request)
      end
      send_json(:patch, "/api/plans/#{plan.id}/revisions/9", name: "x")
      expect(response).to have_http_status(:not_found)
    end
  end
end
