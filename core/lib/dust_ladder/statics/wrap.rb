module DustLadder
  module Statics
    # A sling that bears on the load (a basket, a choke): solved as if it gripped at every contact, each free part a
    # line of its own, and as if it ran through without friction. The worse counts; grip is believed only as far as
    # friction carries it (handbook, section 3.4).
    class Wrap
      # Where a sling bears: the tensions of its parts on both sides, the bend between them in radians, and whether
      # friction holds the difference.
      Contact = Struct.new(:parts, :tensions, :bend, :holds)

      attr_reader :gripped, :sliding

      # bodies as of a Rig; lines: of those that run straight, as of a Rig; wrapped: { name:, nodes:, parts: lengths of
      # its free parts as rigged, stiffness: } with inner nodes on the load. friction: at the contacts.
      def initialize(bodies:, lines:, wrapped:, friction:, hook: [ 0.0, 0.0, 0.0 ])
        @wrapped = wrapped
        @friction = friction
        @straight = lines.size
        parts =
          wrapped.flat_map do |line|
            line[:nodes]
              .each_cons(2)
              .zip(line[:parts])
              .each_with_index
              .map do |(ends, length), index|
                { name: "#{line[:name]} #{index + 1}", nodes: ends, rest: length, stiffness: line[:stiffness] }
              end
          end
        whole =
          wrapped.map do |line|
            { name: line[:name], nodes: line[:nodes], rest: line[:parts].sum, stiffness: line[:stiffness] }
          end
        @gripped = Equilibrium.of(Rig.new(bodies: bodies, lines: lines + parts, hook: hook))
        @sliding = slide(Rig.new(bodies: bodies, lines: lines + whole, hook: hook))
      end

      # Greatest tension of each wrapped sling, kg, the worse of both; nil for sliding when it has no pose.
      def tensions =
        offsets
          .zip(@wrapped)
          .each_with_index
          .map do |(from, line), index|
            [ *gripped.tensions[from, line[:parts].size], sliding && sliding.tensions[@straight + index] ].compact.max
          end

      # Contacts of every wrapped sling.
      def contacts =
        @contacts ||=
          offsets.zip(@wrapped).map { |from, line| (1...line[:parts].size).map { |inner| contact(from, inner) } }
      def may_slip? = contacts.flatten.any? { |contact| !contact.holds } || sliding.nil? || !sliding.stable?

      private

      # A basket that runs may have no pose that holds at all.
      def slide(rig)
        Equilibrium.of(rig)
      rescue Equilibrium::NotFound
        nil
      end

      def offsets =
        @wrapped.each_with_index.map { |_, index| @straight + @wrapped.first(index).sum { |line| line[:parts].size } }

      def contact(from, inner)
        before, after = [ from + inner - 1, from + inner ].map { |index| run(gripped.rig.lines[index]) }
        bend = Math.acos(before.zip(after).sum { |one, other| one * other }.clamp(-1.0, 1.0))
        tensions = gripped.tensions.values_at(from + inner - 1, from + inner)
        Contact.new(
          [ from + inner - 1, from + inner ],
          tensions,
          bend,
          tensions.min.positive? && tensions.max / tensions.min <= Math.exp(@friction * bend) + 1e-9
        )
      end

      def run(line)
        from, to = line.nodes.map { |body, own| body ? gripped.pose.place(body, own) : own }
        run = to.zip(from).map { |one, other| one - other }
        long = Math.sqrt(run.sum { |part| part * part })
        run.map { |part| part / long }
      end
    end
  end
end
