# The day of the duct section: everything up to the trial lift, and a first try of a load that is not quite as planned.
class DemoDay
  UNTIL = %w[gear ground rigged briefing area].freeze

  # plan: a Plan that was issued. hand: the Person who is signed in.
  def initialize(plan, hand)
    @plan = plan
    @hand = hand
    @day = Plan::Day.new(plan)
    @at = Time.utc(2026, 12, 16, 20, 12)
  end

  def play
    @day.phases.select { |phase| UNTIL.include?(phase.id) }.each { |phase| through(phase) }
    say("wind", gust: "1.4 m/s")
    trial = @day.phases.find(&:trial)
    say("answered", phase: trial.id, item: trial.items[0].id, answer: "yes")
    say("tried", try: load.try(lengths))
  end

  private

  def through(phase)
    names = @day.brief.crew.to_h { |one| one.values_at("role", "name") }
    say("rigged", measured: { lengths: lengths.map { |long| format("%.3f m", long) } }) if phase.id == "rigged"
    phase.items.each { |item| say("answered", names[phase.by], phase: phase.id, item: item.id, answer: "yes") }
    names.each { |role, name| say("heard", name, role: role, answer: "yes") } if phase.once
    say("held", names[phase.by], phase: phase.id, answer: "yes")
  end

  def lift = @day.ladder.lift

  # In whole links.
  def lengths = lift.bridle.lengths.map { |long| (long / 0.024).round * 0.024 }

  # As the stand-ins have it.
  def load = DustLadder::Trial::Simulated.new(lift, HiddenLoad.of(lift, @plan.title))

  def say(kind, name = "", **about)
    @at += 40
    event = {
      "id" => SecureRandom.uuid,
      "at" => @at.strftime("%Y-%m-%dT%H:%M:%SZ"),
      "kind" => kind,
      "name" => name.to_s,
      "seen" => @day.log.events.size,
      "about" => JSON.parse(JSON.generate(about))
    }
    taken = @day.keep([ event ], @hand, at: @at).first
    raise "the demo's day: #{taken.faults}" if taken.faults.any?
  end
end
