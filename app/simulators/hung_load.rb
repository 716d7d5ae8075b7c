# A load that hangs as it really is, which may not be as it was planned, on legs as long as they are now: what the
# stand-ins of cells and level read. No device, only the core's own statics.
class HungLoad
  # words: { "plan" => document, "truth" => { "weight", "cg", "lengths", "stiff" }, "lengths" => m by leg, or nil }.
  # Raises DeviceServer::Refused.
  def initialize(words)
    document = DustLadder::PlanFile.accept(words["plan"])
    @lift = DustLadder::Lift.new(document)
    truth = DustLadder::Trial::Simulated::Truth.new(**words["truth"].to_h.transform_keys(&:to_sym))
    @hung = DustLadder::Trial::Simulated.new(@lift, truth).hung(words["lengths"])
    raise DeviceServer::Refused, "it would not hang so" unless @hung.holds
  rescue DustLadder::PlanFile::Invalid, DustLadder::NotKnown, ArgumentError, TypeError, NoMethodError => error
    raise DeviceServer::Refused, "the load cannot be hung: #{error.message.lines.first.to_s.strip}"
  end

  # kg by leg, in the plan's order.
  def cells = @lift.legs.each_index.map { |leg| @hung.tensions[@lift.bridle.line_index(leg)] }
  def along = @hung.pitch
  def across = @hung.roll
end
