# What the stand-ins of outside devices have in common: settings within what there is, and a trouble that is told.
# Each has its SETTINGS (name => range) and TROUBLES.
class SimulatedDevice
  Refused = DeviceServer::Refused

  private

  def set(words)
    self.class::SETTINGS.each do |name, range|
      @settings[name] = words[name].to_f.clamp(range.begin, range.end) if words[name].is_a?(Numeric)
    end
    @trouble = words["trouble"] if words.key?("trouble") && self.class::TROUBLES.include?(words["trouble"])
  end
end
