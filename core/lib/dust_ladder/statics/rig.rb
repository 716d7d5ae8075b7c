module DustLadder
  module Statics
    # What hangs: rigid bodies and tension-only lines from one fixed hook (handbook, section 3.4). Masses and tensions
    # in kg (a tension as the mass it would hold), lengths in m. World axes: z up, origin wherever the hook was put.
    class Rig
      # cg and points in the body's own axes, m.
      Body = Struct.new(:name, :mass, :cg, :points, keyword_init: true)
      # nodes: [[body's index, or nil for the hook, place in its axes relative to the CG], ...]; rest: length, m;
      # stiffness: axial, kg (newtons over g).
      Line = Struct.new(:name, :nodes, :rest, :stiffness)

      attr_reader :hook, :bodies, :lines

      # bodies: [Body]. lines: [{ name:, nodes: ["hook" or "body.point"], rest:, stiffness: }]. Raises ArgumentError
      # when a node is not there or a figure is not above nothing.
      def initialize(bodies:, lines:, hook: [ 0.0, 0.0, 0.0 ])
        @hook = hook.map(&:to_f)
        @bodies = bodies
        @by_name = bodies.each_with_index.to_h { |body, index| [ body.name, index ] }
        raise ArgumentError, "a body must weigh more than nothing" unless bodies.all? { |body| body.mass.positive? }

        @lines =
          lines.map do |line|
            unless line[:rest].positive? && line[:stiffness].positive?
              raise ArgumentError, "line #{line[:name]} needs a length and a stiffness above nothing"
            end
            raise ArgumentError, "line #{line[:name]} needs two nodes at least" if line[:nodes].size < 2

            Line.new(line[:name], line[:nodes].map { |node| node_of(node) }, line[:rest].to_f, line[:stiffness].to_f)
          end
      end

      def weight = bodies.sum(&:mass)
      def freedoms = bodies.size * 6

      # The same rig with other lengths, masses or centres. rests: by line; masses and cgs: by body; stiffness: a factor
      # on every line's.
      def with(rests: nil, masses: nil, cgs: nil, stiffness: 1.0)
        moved = cgs && bodies.zip(cgs).map { |body, cg| body.cg.zip(cg).map { |was, is| was - is } }
        changed =
          bodies.each_with_index.map do |body, index|
            Body.new(
              name: body.name,
              mass: masses ? masses[index] : body.mass,
              cg: cgs ? cgs[index] : body.cg,
              points: body.points
            )
          end if masses || cgs
        others =
          lines.each_with_index.map do |line, index|
            Line.new(
              line.name,
              moved ? shifted(line.nodes, moved) : line.nodes,
              rests ? rests[index] : line.rest,
              line.stiffness * stiffness
            )
          end
        dup.tap { |rig| rig.replace(changed || bodies, others) }
      end

      # The same rig with one node of a line at another place on its body, relative to the body's CG.
      def with_node(line, node, place)
        moved =
          lines.each_with_index.map do |one, index|
            if index == line
              Line.new(
                one.name,
                one.nodes.each_with_index.map { |(body, at), which| [ body, which == node ? place : at ] },
                one.rest,
                one.stiffness
              )
            else
              one
            end
          end
        dup.tap { |rig| rig.replace(bodies, moved) }
      end

      # The same rig less some lines, by index.
      def without(some) =
        dup.tap { |rig| rig.replace(bodies, lines.reject.with_index { |_, index| some.include?(index) }) }

      protected

      def replace(bodies, lines)
        @bodies = bodies
        @lines = lines
      end

      private

      def shifted(nodes, by)
        nodes.map do |body, at|
          body ? [ body, [ at[0] + by[body][0], at[1] + by[body][1], at[2] + by[body][2] ] ] : [ body, at ]
        end
      end

      def node_of(text)
        return nil, hook if text == "hook"

        name, point = text.split(".", 2)
        index = @by_name[name] or raise ArgumentError, "there is no body #{name}"
        at = bodies[index].points[point] or raise ArgumentError, "body #{name} has no point #{point}"
        [ index, at.zip(bodies[index].cg).map { |place, centre| (place - centre).to_f } ]
      end
    end
  end
end
