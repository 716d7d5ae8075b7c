module DustLadder
  module Load
    # One measure of a shape as it is written in a size: its letter in the arithmetic, its name, and what kind of
    # quantity it is (as in Quantity::Reader, or :fill).
    Measure = Struct.new(:symbol, :name, :kind)
  end
end
