# Plans that were issued, with whoever signed them.
module IssuedHelp
  # Kept, written down, climbed, its deviations named, and issued. Returns the Plan.
  def issued(plan, reason: "each leg counted by itself")
    writer = person("Jun Kovar", roles: %w[planner])
    checker = person("Mara Tarn", roles: %w[rigger])
    appointed = person("Ines Appointed", roles: %w[appointed])
    engineer = person("Noa Ekdal", roles: %w[engineer])
    act_of(plan, writer, "wrote")
    plan.life.deviations.each do |one|
      act_of(plan, appointed, "deviation", "deviation" => one.id, "reason" => reason)
    end
    plan.life.ladder.flights.each { |flight| act_of(plan, checker, "flight", "flight" => flight["id"]) }
    act_of(plan, engineer, "second") if plan.life.ladder.critical.found.any?
    act_of(plan, appointed, "issued")
    plan.reload
  end

  def act_of(plan, person, name, about = {})
    life = plan.reload.life
    life.act(person, name, seen: life.seen, about: about)
  end

  # An event as a device says it.
  def said(kind, name = "", seen: 0, id: SecureRandom.uuid, at: "2026-12-14T06:38:00Z", **about)
    { id: id, at: at, kind: kind, name: name, seen: seen, about: about }
  end
end

RSpec.configure { |config| config.include IssuedHelp }
