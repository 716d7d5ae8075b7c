module Api
  # The names by which one's own scripts ask. The text of one is told once, when it is made.
  class TokensController < BaseController
    self.policy = OwnPolicy
    self.by_hand = %w[index create destroy]

    def index
      render json: current_person.api_tokens.order(:id).map(&:shown)
    end

    def create
      return unknown_hand unless known_hand?
      return too_many if current_person.api_tokens.count >= ApiToken::MOST

      token, text = ApiToken.give(current_person, body["name"])
      render json: { **token.shown, text: text }, status: :created
    rescue ActiveRecord::RecordInvalid
      refuse "it has no name", "what it is for, in at most 80 signs", :unprocessable_content
    end

    def destroy
      current_person.api_tokens.find(params[:id]).destroy!
      render json: nil
    end

    private

    def too_many = refuse("there are #{ApiToken::MOST} already", "one of them taken away", :unprocessable_content)
  end
end
