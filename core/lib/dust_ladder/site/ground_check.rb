module DustLadder
  module Site
    # Does the ground bear the crane? Until pads and zones are given, by word of who looked (handbook, sections 7, 15).
    class GroundCheck < Ladder::ByWordCheck
      ID = "ground"
      LABEL = "Ground"
      FLIGHT = "ground_and_site"
      PER = "crane"
      ASKS = "what the ground bears"

      # Where the crane stands on a site it is worked out: Ground::PadsCheck, Ground::TracksCheck.
      def self.applies?(duty) = !duty.on_site?
    end
  end
end
