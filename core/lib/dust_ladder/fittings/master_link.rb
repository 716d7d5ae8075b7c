module DustLadder
  module Fittings
    # A master link goes over the crane's hook with room to spare, and gathers legs up to an angle (handbook,
    # section 5). Sizes in m.
    module MasterLink
      module_function

      # Why it does not fit, or nil. inside_length and inside_width: of the link; hook_depth and hook_width: of the
      # hook's body where the link sits.
      def misfit(inside_length:, inside_width:, hook_depth:, hook_width:, rules:)
        room = rules[:master_link_room]
        if hook_width * (1 + room) > inside_width + 1e-12
          return "the hook is too wide for the link: #{Figure.m(hook_width, :up)} in #{Figure.m(inside_width, :down)}"
        end

        if hook_depth * (1 + room) > inside_length + 1e-12
          "the hook is too deep for the link: #{Figure.m(hook_depth, :up)} in #{Figure.m(inside_length, :down)}"
        end
      end
    end
  end
end
