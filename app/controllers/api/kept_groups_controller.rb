module Api
  # Groups of parts that are kept for other plans.
  class KeptGroupsController < BaseController
    rescue_from ActiveRecord::RecordInvalid do |error|
      refuse error.record.errors.full_messages.to_sentence,
        "a group with a title and rows of its own",
        :unprocessable_content
    end

    def show
      render json: KeptGroup.find(params[:id]).slice(:id, :title, :data)
    end

    # A group of the same title takes the place of the one before.
    def create
      group = KeptGroup.find_or_initialize_by(title: body["title"].to_s.strip)
      group.update!(data: body["data"])
      render json: group.summary, status: :created
    end

    def destroy
      KeptGroup.find(params[:id]).destroy!
      head :no_content
    end
  end
end
