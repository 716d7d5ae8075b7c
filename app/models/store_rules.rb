# The rules of the house's gear store: the strict set that ships, and whatever the site's own sets have stricter.
module StoreRules
  LOCK = Mutex.new

  # A DustLadder::RuleSet; made anew when the site's own sets changed.
  def self.current
    own = OwnRules.newest.order(:id)
    state = own.pluck(:id)
    LOCK.synchronize do
      @state, @rules = state, made(own) unless @rules && @state == state
      @rules
    end
  end

  def self.made(own)
    DustLadder::Gear::StoreRules.of([ DustLadder::RuleSet.shipped("strict").data, *own.map(&:data) ])
  end
  private_class_method :made
end
