# Odd values in every place that the gear store's API takes: each is answered in words, none is a fault of the server,
# and no piece is left that cannot be read.
RSpec.describe "Odd requests of the gear store" do
  before { load_store }

  odd = [
    nil,
    "",
    " ",
    "\0",
    "x" * 5000,
    0,
    -1,
    1e300,
    2**70,
    true,
    [],
    {},
    [ [] ],
    { "a" => { "b" => [] } },
    "9999-99-99",
    "0001-01-01",
    "2026-02-29",
    "９",
    "-0",
    "NaN",
    "1e400",
    "\u202e",
    "';--",
    "%_%"
  ]
  kinds = DustLadder::Gear::Kinds::ALL.keys
  looks = DustLadder::Gear::Kinds::LOOKS.keys
  fields = DustLadder::Gear::Piece::FIELDS
  lists = %w[/api/pieces /api/due_pieces /api/papers/labels /api/papers/register /api/papers/card]
  asked = %w[words kind state sort on page limit numbers within piece pieces units rules form]

  # What is sent, by place: a way to make one, of a source of odd values.
  made = {
    "pieces/ID/looks" => ->(o, r) {
      one = { looks.sample(random: r) => { "measured" => o.(), "seen" => o.(), "words" => o.() } }
      {
        sort: "before_use",
        findings: [ o.(), { looks.sample(random: r) => o.() }, one ].sample(random: r),
        words: o.()
      }
    },
    "pieces/ID/looks#thorough" => ->(o, r) {
      result = [ "passed", "failed", o.() ].sample(random: r)
      said = { by: o.(), words: o.(), remedy: o.(), findings: o.() }
      { sort: [ "thorough", o.() ].sample(random: r), day: o.(), due: o.(), result: result, **said }
    },
    "pieces/ID/acts" => ->(o, r) {
      act = [ *DustLadder::Gear::Acts::ALL.keys, o.() ].sample(random: r)
      { act: act, with: o.(), why: o.(), lock_version: [ 0, 1, o.() ].sample(random: r), plan: o.() }
    },
    "pieces/ID/tries" => ->(o, r) {
      { findings: { looks.sample(random: r) => { "measured" => o.(), "seen" => o.() } } }
    },
    "pieces" => ->(o, r) {
      kind = kinds.sample(random: r)
      { fields: { "number" => o.(), "kind" => kind, fields.sample(random: r) => o.(), "wll" => o.() } }
    },
    "pieces#rows" => ->(o, r) {
      row = { "number" => "Z#{r.rand(5)}", "kind" => "mesh", "reach" => "1 m", "vertical" => "1 t" }
      match = [ o.(), { "columns" => o.(), "all" => o.(), "values" => o.(), "days" => o.() } ].sample(random: r)
      { rows: [ { fields: row, lock_version: o.() } ], headings: o.(), match: match }
    },
    "piece_changes" => ->(o, r) {
      narrowed = [ o.(), {}, { kind: o.(), words: o.(), state: o.() } ].sample(random: r)
      { asked: narrowed, fields: [ o.(), { "place" => o.() }, { "in_service" => o.() } ].sample(random: r), seen: o.() }
    },
    "fitting_picks" => ->(o, _) { { document: o.(), leg: o.(), fitting: o.() } },
    "rigging_lists" => ->(o, _) { { document: o.() } }
  }

  made.each do |place, make|
    it "are answered at #{place}" do
      random = Random.new(place.sum)
      value = -> { odd.sample(random: random) }
      path = "/api/#{place.split("#").first.sub("ID", Piece.order(:id).first.id.to_s)}"
      40.times do
        body = make.(value, random)
        post path, params: JSON.generate(body), headers: { "Content-Type" => "application/vnd.dust-ladder+json" }
        expect([ body, response.status ]).to match([ body, be < 500 ])
      end
      expect(Piece.all.map { |piece| [ piece.number, piece.read.sound? ] }).to all(match([ anything, true ]))
    end
  end

  it "are answered where a list, a paper or a code is asked for" do
    random = Random.new(4)
    200.times do
      query = asked.sample(3, random: random).to_h { |name| [ name, odd.sample(random: random) ] }
      path = lists.sample(random: random)
      get path, params: query
      expect([ path, query, response.status ]).to match([ path, query, be < 500 ])
    end
    odd.grep(String).reject { |text| text.strip.empty? || text.include?("\0") }.each do |text|
      get "/api/piece_codes/#{ERB::Util.url_encode(text)}"
      expect([ text[0, 20], response.status ]).to match([ text[0, 20], be_between(404, 414) ])
    end
  end
end
