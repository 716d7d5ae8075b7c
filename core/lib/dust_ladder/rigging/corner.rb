module DustLadder
  module Rigging
    # A corner of what is open: the weight's end, the CG's place in its box, each line's length, all as signs; and
    # whether the lines are as they were made or as they stretch. names: of the lines.
    Corner =
      Struct.new(:weight, :box, :lengths, :made, :names) do
        def nominal? = weight.nil?

        # Where in its box the CG is, in words.
        def self.box_words(box)
          "CG at " \
            "#{%w[x y z].each_with_index.map { |axis, index|
              "#{box[index].positive? ? "+" : "−"}#{axis}"
            }.join(" ")} of its box"
        end

        def words
          return made ? "nominal, as made" : "nominal" if nominal?

          long =
            lengths.zip(names).map do |sign, name|
              "#{name.start_with?("upper") || name == "bail" ? name : "#{name} leg"} " \
                "#{sign.positive? ? "long" : "short"}"
            end
          [ Corner.box_words(box), *long, "weight #{weight.positive? ? "high" : "low"}",
            *(made ? "as made" : nil) ].join(", ")
        end
        alias_method :to_s, :words
      end
  end
end
