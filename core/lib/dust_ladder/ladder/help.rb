module DustLadder
  class Ladder
    # What somebody is told of a rung before there is any figure: { id => { "asks", "from", "measure" } }, sentences of
    # help.yml.
    module Help
      ALL = YAML.safe_load_file(File.expand_path("help.yml", __dir__)).freeze
      PARTS = %w[asks from measure].freeze
    end
  end
end
