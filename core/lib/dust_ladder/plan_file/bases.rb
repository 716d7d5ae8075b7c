module DustLadder
  module PlanFile
    # Documents that were accepted a moment ago, by the digest of their text, so that somebody who drags a grip need
    # send only what differs.
    module Bases
      BYTES = 48 * 1024 * 1024
      MOST_CHANGES = 200
      @store = Snapshots::Store.new(bytes: BYTES)

      module_function

      Kept = Struct.new(:digest, :text, :fresh)

      # Keeps an accepted document. Returns its digest, to ask for it by, its text, and whether it was not known before.
      # Only what somebody changes is ever made ready for it.
      def keep(document)
        text = JSON.generate(document).freeze
        digest = "sha256:#{::Digest::SHA256.hexdigest(text)}"
        known = known?(digest)
        @store.keep(digest, text, bytes: text.bytesize) unless known
        Kept.new(digest, text, !known)
      end

      def known?(digest) = !@store[digest].nil?

      # The document of a digest, frozen; nil when it is no longer kept. As objects it weighs about four times its text.
      def document(digest)
        kept = @store[digest]
        return kept unless kept.is_a?(String)

        @store.keep(digest, Snapshots.frozen(Snapshots.shared(JSON.parse(kept))), bytes: 4 * kept.bytesize)
      end

      # The document of a digest with other values at some places, accepted; nil when it is no longer kept.
      # changes: { JSON pointer => value }; gone: JSON pointers of what is taken away. Raises Invalid.
      def changed(digest, changes, gone = [])
        base = document(digest) or return
        too_many if changes.size + gone.size > MOST_CHANGES
        document = changes.reduce(base) { |now, (pointer, value)| put(now, Pointer.keys(pointer), pointer, value) }
        document = gone.reduce(document) { |now, pointer| put(now, Pointer.keys(pointer), pointer, nil, gone: true) }
        PlanFile.accept_change(document, base)
      end

      # A copy that shares with the old one all that did not change.
      def put(data, path, pointer, value, gone: false)
        key, *rest = path
        case data
        when Hash
          return gone ? data.except(key.to_s) : data.merge(key.to_s => value) if rest.empty?

          data.merge(key.to_s => put(data[key.to_s], rest, pointer, value, gone: gone))
        when Array
          lost(pointer) unless key.is_a?(Integer) && key < data.size && !(gone && rest.empty?)
          data.dup.tap { |copy| copy[key] = rest.empty? ? value : put(data[key], rest, pointer, value, gone: gone) }
        else
          lost(pointer)
        end
      end

      def lost(pointer)
        raise Invalid,
          [ {
            "pointer" => pointer.to_s,
            "message" => "the plan has no such place",
            "expected" => "a place that it has"
          } ]
      end

      def too_many
        raise Invalid,
          [ { "pointer" => "", "message" => "these are too many changes", "expected" => "at most #{MOST_CHANGES}" } ]
      end
      private_class_method :document, :put, :lost, :too_many
    end
  end
end
