module DustLadder
  module Plan
    # What is lifted: weight, size, centre of gravity, points.
    class Load < Section
      BLANK = {
        "name" => "",
        "weight" => { "bare" => nil, "basis" => "unknown", "source" => "" },
        "size" => { "length" => nil, "width" => nil, "height" => nil },
        "cg" => { "x" => nil, "y" => nil, "z" => nil, "basis" => "contents_unknown" },
        "points" => %w[West East].map { |name| { "name" => name, "x" => nil, "y" => nil, "z" => nil } }
      }.freeze

      def initialize(document) = super(document, "load")

      def bundle? = self["made_of"] == "bundle"
      def point_names = self["points"].map { |point| point["name"] }
    end
  end
end
