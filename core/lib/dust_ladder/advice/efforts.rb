module DustLadder
  module Advice
    # What could be changed of a plan, and how much there is to do for it: efforts.yml.
    module Efforts
      ALL = YAML.safe_load_file(File.expand_path("efforts.yml", __dir__)).freeze

      module_function

      # Names of all knobs, least to do first.
      def knobs = ALL.keys.sort_by.with_index { |knob, at| [ ALL[knob]["minutes"], at ] }

      # { "tried" => in words, "act" => what is to be done, "minutes" => about how long }.
      def of(knob) = ALL.fetch(knob)
    end
  end
end
