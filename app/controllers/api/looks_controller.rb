module Api
  # Looks at a piece before it is used, and its thorough examinations. Examinations are written down by a keeper.
  class LooksController < BaseController
    self.policy = PieceLookPolicy
    self.by_hand = %w[create]

    include PieceFaults

    # What is kept of a finding, and how much of it.
    KEPT = %w[seen measured words].freeze
    LONGEST = 400
    MOST_LOOKS = 40

    def create
      piece = Piece.find(params[:piece_id])
      look = body["sort"].to_s == "before_use" ? before_use(piece) : examination(piece)
      render json: { look: look.shown, piece: piece.reload.shown }, status: :created if look
    end

    private

    def before_use(piece)
      PieceLook.take_before_use(piece, findings, person: current_person, words: body["words"])
    end

    def examination(piece)
      unless current_person.any_role?(PieceLookPolicy::EXAMINES)
        refuse("an examination is not for #{current_person.roles.to_sentence}", "a keeper", :forbidden)
        return
      end
      PieceLook.examine(piece, body, person: current_person)
    end

    def findings
      found = body["findings"]
      raise ActionController::ParameterMissing, :findings unless found.is_a?(Hash) && found.values.all?(Hash)

      found.first(MOST_LOOKS).to_h.transform_values do |one|
        one.slice(*KEPT).transform_values { |text| text.to_s.first(LONGEST) }
      end
    end
  end
end
