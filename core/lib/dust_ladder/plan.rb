module DustLadder
  # What a plan says, by its sections.
  module Plan
    # JSON pointer of what stands in no section, such as "lift_at", "rules" or a kind of snapshots.
    def self.pointer(*keys) = "/#{keys.join("/")}"

    # A plan with nothing filled in yet, under a RuleSet, as a new plan starts.
    def self.blank(title:, rule_set:)
      JSON.parse(
        JSON.generate(
          "format" => PlanFile::FORMAT,
          "version" => PlanFile::VERSION,
          "title" => title,
          "site" => "",
          "lift_at" => nil,
          "rules" => rule_set.id,
          "load" => Load::BLANK,
          "rigging" => Rigging::BLANK,
          "cranes" => [ Crane::BLANK ],
          "snapshots" => {
            "rule_sets" => {
              rule_set.id => PlanFile::Digest.snapshot(rule_set.data)
            },
            "slings" => {},
            "charts" => {}
          }
        )
      )
    end
  end
end
