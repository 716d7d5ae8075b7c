module DustLadder
  module Load
    # What a part is made of: densities in kg/m3, what is reckoned with and the range that the kind leaves open.
    Material =
      Struct.new(:name, :density, :low, :high, :source, keyword_init: true) do
        def as_json(*) = { "name" => name, "density" => density, "low" => low, "high" => high }
      end
  end
end
