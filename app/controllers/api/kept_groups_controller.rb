module Api
  # Groups of parts that are kept for other plans. One is replaced or taken away only by who has seen it as it is.
  class KeptGroupsController < BaseController
    self.policy = GroupPolicy

    rescue_from ActiveRecord::RecordInvalid do |error|
      refuse error.record.errors.full_messages.to_sentence,
        "a group with a title and rows of its own",
        :unprocessable_content
    end
    rescue_from ActiveRecord::StaleObjectError do |error|
      group = KeptGroup.find(error.record.id)
      fault = {
        pointer: "/title",
        message: "a group “#{group.title}” of #{group.data["parts"].size} rows is kept already",
        expected: "another title, or a yes to replacing it"
      }
      overtaken([ fault ], group.summary)
    end

    def show
      render json: KeptGroup.find(params[:id]).slice(:id, :lock_version, :title, :data)
    end

    # A group of the same title takes the place of the one before, where that is as it was seen.
    def create
      group = KeptGroup.find_or_initialize_by(title: body["title"].to_s.strip)
      group.as_seen!(body["lock_version"])
      group.update!(data: body["data"])
      render json: group.summary, status: :created
    end

    def destroy
      group = KeptGroup.find(params[:id])
      group.as_seen!(lock_version)
      group.destroy!
      head :no_content
    end
  end
end
