# The slings of the store as they are chosen from, by what they have in common; kept between requests, and only what was
# changed meanwhile is read again. Of each piece as much is kept as is its own.
class GearRack
  LOCK = Mutex.new
  OWN = DustLadder::Slings::Selection::Store::OWN
  COLUMNS = %i[id alike number place state kind due_given examined use measured].freeze
  # What is looked at piece by piece, and not by sorts, is given so many of each.
  FEW = 6

  class << self
    # A DustLadder::Slings::Selection::Store of all slings.
    def slings = LOCK.synchronize { fresh.store }

    # Slings as the plan format has them, a few of each sort that are ready and in date on a day. without: numbers of
    # those that are not to be had.
    def few(on:, most: FEW, without: [])
      rules = StoreRules.current
      slings.sorts.flat_map do |sample, alike|
        free = alike.lazy.reject { |own| without.include?(own["number"]) }
        fit = free.select { |own| fit?(sample, own, rules, on) }.first(most)
        fit.map { |own| sample.merge(own) }
      end
    end

    # Of slings, all that was read; for what knows them otherwise.
    def forget = LOCK.synchronize { @rack = nil }

    private

    def fit?(sample, own, rules, on) = DustLadder::Gear::Fitness.new(sample.merge(own), rules).answer(on: on).holds?

    def fresh
      count, changed = Piece.slings.pick(Arel.sql("COUNT(*), MAX(updated_at)"))
      @rack = nil if @rack && @rack.count > count
      @rack ||= new
      @rack.read(changed) unless @rack.current?(count, changed)
      @rack = new.tap { |rack| rack.read(changed) } if @rack.count != count
      @rack
    end
  end

  def initialize
    @pieces = {}
    @samples = {}
    @seen = nil
  end

  def count = @pieces.size
  def current?(count, changed) = @seen == changed && self.count == count

  # Reads what was changed since the last time. A clock may stand still between two changes: the last are read again.
  def read(changed)
    some = @seen ? Piece.slings.where(updated_at: @seen..) : Piece.slings
    some.pluck(*COLUMNS).each { |row| keep(*row) }
    missing = @pieces.values.map(&:first).uniq - @samples.keys
    missing.each_slice(200) do |marks|
      Piece.where(alike: marks).group(:alike).minimum(:id).each { |mark, id| sample(mark, id) }
    end
    @seen = changed
    @store = nil
  end

  def store
    @store ||=
      begin
        by_sort = @pieces.values.group_by(&:first).transform_values { |some| some.map(&:last) }
        sorts = by_sort.map { |mark, alike| [ @samples.fetch(mark), alike ] }
        DustLadder::Slings::Selection::Store.of(sorts)
      end
  end

  private

  def keep(id, mark, number, place, state, kind, due, examined, use, measured)
    days = { "due" => due, "examined" => examined, "use" => use }.compact
    own = { "number" => number, "place" => place, "state" => state, "kind" => kind, **days }
    own = Piece.find(id).for_choosing if measured.present?
    @pieces[id] = [ mark, own ]
  end

  def sample(mark, id) = @samples[mark] = Piece.find(id).data.except(*OWN)
end
