module DustLadder
  module Slings
    # What keeps a basket or choke from sliding, lengthwise along the load and round it: a means from a list and the
    # name of whoever says so. Either cures its own question only, and stays a caution (handbook, section 15).
    class Prevention
      MEANS = {
        "stop" => "a stop",
        "lug" => "a lug",
        "collar" => "a collar",
        "lashing" => "a lashing",
        "choke_double_wrapped" => "a double-wrapped choke"
      }.freeze

      # leg: the plan's data of it.
      def initialize(leg)
        @data = leg["prevents"] || {}
        @double = leg["hitch"] == "choker" && leg["wraps"] != 1
      end

      # In words, or nil where nothing prevents it.
      def along = words("along")
      def round = words("round")

      private

      def words(which)
        given = @data[which] or return
        by = given["by"].strip
        return if by.empty? || (given["means"] == "choke_double_wrapped" && !@double)

        means = MEANS[given["means"]] || given["words"].strip
        means.empty? ? nil : "#{means}, as #{by} says"
      end
    end
  end
end
