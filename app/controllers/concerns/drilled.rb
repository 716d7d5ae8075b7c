# A drill that is asked about by its kind and seed.
module Drilled
  MOST_SEED = 1_000_000_000

  def self.included(controller) = controller.include(TellsFaults)

  private

  def kinds = DustLadder::Practice.kinds.keys

  # of: kind and seed as given.
  def drill(of = body) = DustLadder::Practice.drill(kind(of["kind"]), seed(of["seed"]))

  def kind(given)
    kinds.include?(given) ? given : refuse_asked("/kind", "there is no such drill", kinds.join(", "))
  end

  def seed(given)
    return given if given.is_a?(Integer) && given.between?(0, MOST_SEED)

    refuse_asked("/seed", "it is no seed", "a whole number up to #{MOST_SEED}")
  end

  # The block's answer; what it cannot take is told of the answer.
  def taking_answer
    yield
  rescue ArgumentError, TypeError => error
    refuse_asked("/answer", error.message, "an answer to this drill")
  end
end
