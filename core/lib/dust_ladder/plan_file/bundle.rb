module DustLadder
  module PlanFile
    # A JSON Schema whose parts stand in files of their own, as one document: what they define is gathered under one
    # $defs, a part itself under its file's name, and every $ref leads there.
    class Bundle
      # file: path of the schema. Returns the whole as a Hash, frozen.
      def self.read(file) = new(File.dirname(file)).whole(File.basename(file))

      def initialize(folder)
        @folder = folder
        @defs = {}
      end

      def whole(name)
        root = joined(parsed(name), File.dirname(name))
        defs = @defs.reject { |_, schema| schema.empty? }
        Snapshots.frozen(defs.empty? ? root : root.merge("$defs" => defs))
      end

      private

      def parsed(name) = JSON.parse(File.read(File.join(@folder, name)))

      # The schema with its references led to $defs. within: folder of the file that it is from.
      def joined(node, within)
        case node
        when Hash
          gather(node["$defs"], within)
          node.except("$defs").to_h { |key, value| [ key, key == "$ref" ? led(value, within) : joined(value, within) ] }
        when Array
          node.map { |item| joined(item, within) }
        else
          node
        end
      end

      def gather(defs, within) = defs&.each { |name, node| @defs[name] ||= joined(node, within) }

      def led(reference, within)
        file, inside = reference.split("#", 2)
        part(File.join(within, file)) unless file.empty?
        "#/$defs/#{inside ? inside.split("/").last : File.basename(file, ".json")}"
      end

      # Takes in another file, once.
      def part(path)
        name = File.basename(path, ".json")
        return if @defs.key?(name)

        @defs[name] = nil
        @defs[name] = joined(parsed(path), File.dirname(path)).except("$schema")
      end
    end
  end
end
