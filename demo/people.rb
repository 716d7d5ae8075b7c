# Made-up people: what each may do here, and what they were found able to do, until when.
class DemoPeople
  YARD = "Saltpan training yard".freeze
  ALL = [
    [ "Ines Rook", %w[planner keeper appointed], { "supervisor" => "2027-09-30" } ],
    [ "Jun Kovar", %w[planner], { "supervisor" => "2026-12-20" } ],
    [ "Mara Tarn", %w[rigger], { "slinger" => "2027-04-30", "signaller" => "2027-04-30" } ],
    [ "Teo Vance", %w[rigger], { "slinger" => "2027-02-28", "signaller" => "2027-02-28" } ],
    [ "Bram Yucca", %w[rigger], { "operator" => "2027-11-15" } ],
    [ "Cleo Rue", %w[rigger], { "operator" => "2026-11-20", "signaller" => "2027-01-31" } ],
    [ "Noa Ekdal", %w[engineer], {} ],
    [ "Wen Alder", %w[keeper], {} ],
    [ "Sol Adair", %w[admin], {} ],
    [ "Ria Lund", %w[reader], {} ]
  ].map do |name, roles, able|
    competences = able.map { |kind, last| { "kind" => kind, "by" => YARD, "until" => last } }
    { "login" => name.split.first.downcase, "name" => name, "roles" => roles, "competences" => competences }
  end.freeze

  # Names people in a plan's document, by role and login.
  def self.name(document, crew)
    named = crew.transform_values { |login| ALL.find { |one| one["login"] == login } }
    document["crew"] =
      named.map { |role, one| { "role" => role, "name" => one["name"], "person" => one["login"] } }
    document["snapshots"]["people"] =
      named.values.uniq.to_h do |one|
        data = { "id" => one["login"], **one.slice("name", "competences") }
        [ one["login"], DustLadder::PlanFile::Digest.snapshot(data) ]
      end
  end
end
