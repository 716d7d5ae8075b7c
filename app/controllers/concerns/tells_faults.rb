# What was asked and is not as it must be is told with its place: a DustLadder::Faulty.
module TellsFaults
  def self.included(controller)
    controller.rescue_from(DustLadder::Faulty) do |error|
      fault = { pointer: error.pointer, message: error.message, expected: error.expected }
      render json: { errors: [ fault ] }, status: :unprocessable_content
    end
  end

  private

  def refuse_asked(pointer, message, expected) = raise(DustLadder::Faulty.new(pointer, message, expected))
end
