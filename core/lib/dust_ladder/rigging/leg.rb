module DustLadder
  module Rigging
    # A leg as it hangs: level distance of its point from the plumb line (below nothing on the other side of it, where
    # that is known), height of what it hangs from above it, length; all m.
    Leg = Statics::PlaneHang::Leg
  end
end
