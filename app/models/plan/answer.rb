class Plan
  # A plan as whoever opens it is answered: its document, its ladder, how it stands. It is climbed once for as long as
  # nothing changes that it rests on, by whoever asks first: somebody who opens it, or the board.
  class Answer
    # Of a plan, without its document: what a save is answered with too.
    def self.state(plan)
      {
        id: plan.id,
        lock_version: plan.lock_version,
        revision: plan.current.number,
        saved_at: plan.updated_at.iso8601
      }
    end

    # Of a Plan::Life, as data.
    def self.whole(life)
      state(life.plan).merge(document: life.plan.document, ladder: life.signed.as_json, held: life.frozen_as)
    end

    # id: the plan's. Raises ActiveRecord::RecordNotFound in what is asked of it.
    def initialize(id)
      @id = id
    end

    # A KeptAnswer. What took too long is kept nowhere, since the next time it need not: the block is given its text.
    def kept
      KeptAnswer.resting(rests_on) do
        life = newest.life
        text = text(life)
        life.ladder.cut_short? ? yield(text) : text
      end
    end

    # What is climbed anyway is kept for whoever opens the plan next. The block climbs it as it is now, and answers with
    # the ladder, which is returned.
    def leave
      ladder = nil
      KeptAnswer.anew(rests_on) do
        plan = newest
        ladder = yield plan
        text(Life.new(plan, ladder: ladder)) unless ladder.cut_short?
      end
      ladder
    end

    private

    def newest = Plan.find(@id)
    def rests_on = -> { [ :plan, *Mark.of(@id) ] }
    def text(life) = JSON.generate(self.class.whole(life))
  end
end
