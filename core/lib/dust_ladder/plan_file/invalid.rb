module DustLadder
  module PlanFile
    # A file or document that is not a plan. errors: each { "pointer", "message", "expected" }.
    class Invalid < StandardError
      attr_reader :errors

      def initialize(errors)
        @errors = errors
        super(
          errors
            .map do |error|
              "#{error["pointer"].empty? ? "(whole file)" : error["pointer"]}: #{error["message"]}; expected " \
                "#{error["expected"]}"
            end
            .join("\n")
        )
      end
    end
  end
end
