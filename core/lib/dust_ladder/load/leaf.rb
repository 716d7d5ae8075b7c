module DustLadder
  module Load
    # What a row brings to the sums: mass in kg (below zero for a cut-out), its least and most by material, where
    # its centre is (m, or nil when not given), how far that may move either way, and how the mass is known.
    Leaf = Struct.new(:kg, :low, :high, :at, :slack, :basis)
  end
end
