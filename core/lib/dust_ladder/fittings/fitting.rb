module DustLadder
  module Fittings
    # What a fitting may carry in the direction in which it is really pulled (handbook, section 5). Capacity in kg.
    class Fitting
      Outcome = Struct.new(:factor, :capacity, :reason, keyword_init: true) { def stop? = capacity.nil? }
      # By kind: the rule set's table, and what its figure is measured from.
      KINDS = {
        "hook" => [ :hook_off_centre, "of the way to the tip" ],
        "shackle" => [ :shackle_angle, "from the shackle's centre line" ],
        "eyebolt_plain" => [ :eyebolt_plain, "from the bolt's axis" ],
        "eyebolt_shouldered" => [ :eyebolt_shouldered, "from the bolt's axis" ],
        "hoist_ring" => [ :hoist_ring, "from the ring's axis" ]
      }.freeze
      OF_AN_EYE = %w[eyebolt_plain eyebolt_shouldered].freeze

      attr_reader :kind, :wll

      # kind: one of KINDS. wll: kg, as marked. own: the maker's own table in place of the rule set's, or nil.
      def initialize(kind, wll:, rules:, own: nil)
        unless KINDS.key?(kind)
          raise ArgumentError, "no fitting is called #{kind}; there are #{KINDS.keys.join(", ")}"
        end
        raise ArgumentError, "a fitting needs a working load limit above nothing" unless wll.positive?

        @kind = kind
        @wll = wll
        @rules = rules
        @own = own
      end

      def table = @own || @rules[KINDS.fetch(kind).first]
      def source = @own ? "the maker's own figures" : @rules.cite(KINDS.fetch(kind).first)

      # at: degrees off the axis, or the share of the way to a hook's tip. off_plane_deg: how far the pull lies out of
      # the plane of an eye or a bow, degrees.
      def outcome(at, off_plane_deg: 0.0)
        if OF_AN_EYE.include?(kind) && off_plane_deg > @rules[:eyebolt_plane_deg] + Bands::SLACK
          return stop("pulled #{off_plane_deg.round(1)}° out of the plane of its eye")
        end
        return stop("pulled across the plane of its bow") if kind == "shackle" && off_plane_deg >= 90 - Bands::SLACK

        factor = Bands.factor(table, at)
        if factor
          Outcome.new(factor: factor, capacity: wll * factor)
        else
          stop("#{at.round(2)} #{KINDS.fetch(kind).last} is past its table")
        end
      end

      # Pulled across the plane of its bow or eye, whatever the angle.
      def across = stop("pulled across the plane of its #{kind == "shackle" ? "bow" : "eye"}")

      # From a pull (kg, any axes), the fitting's axis and, for an eye, the normal of its plane: degrees off the axis,
      # and out of the plane.
      def self.angles(pull, axis, normal = nil)
        long = Math.sqrt(pull.sum { |part| part * part })
        along = pull.zip(axis).sum { |one, other| one * other } / long
        across = normal ? (pull.zip(normal).sum { |one, other| one * other } / long).abs : 0.0
        [ Math.acos(along.clamp(-1.0, 1.0)), Math.asin(across.clamp(0.0, 1.0)) ].map do |radians|
          radians * 180 / Math::PI
        end
      end

      private

      def stop(reason) = Outcome.new(reason: reason)
    end
  end
end
