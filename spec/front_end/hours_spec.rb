# A lift that is moved to another time takes as long as before.
RSpec.describe "When a lift ends that was moved" do
  # From, until, to, and when it ends then.
  [
    [ "2026-12-14T06:30", "2026-12-14T08:00", "2026-12-15T06:30", "2026-12-15T08:00" ],
    [ "2026-12-14T22:00", "2026-12-15T02:00", "2026-12-31T23:30", "2027-01-01T03:30" ],
    [ "2026-12-14T06:30", nil, "2026-12-15T06:30", nil ],
    [ nil, "2026-12-14T08:00", "2026-12-15T06:30", "2026-12-14T08:00" ],
    [ "2026-12-14T06:30", "2026-12-14T08:00", nil, "2026-12-14T08:00" ],
    [ "2026-12-14T06:30", "2026-12-14T08:00", "2026-12-1", "2026-12-14T08:00" ],
    [ "2026-03-29T01:30", "2026-03-29T03:30", "2026-10-25T01:30", "2026-10-25T03:30" ]
  ].each do |from, till, to, ends|
    it "#{from.inspect} to #{till.inspect}, moved to #{to.inspect}: #{ends.inspect}" do
      expect(front("plan/hours.ts", "movedEnd", from, till, to)).to eq(ends)
    end
  end
end
