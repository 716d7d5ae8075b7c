module Api
  # Reads a CSV file as pieces of the store and tells row by row what it says. Somebody else's list is read by what its
  # columns and words mean here, as it is given or was remembered. Nothing is kept.
  class StoreReadingsController < BaseController
    self.policy = LookPolicy

    def create
      return refuse("no file came", "a CSV file", :bad_request) unless params[:file].respond_to?(:read)

      bytes = params[:file].read
      given = match
      return refuse("the match is not whole", "JSON", :bad_request) if given == :broken

      first = read(bytes, given || {})
      texts = first["columns"].map { |column| column["text"] }
      remembered = given ? {} : SheetMatch.of(texts)
      found = remembered.empty? ? first : read(bytes, remembered)
      told = { **found, **told_by_the_store(found["rows"]), "match" => given || remembered }
      render json: JSON.generate(told.merge("remembered" => !remembered.empty?))
    end

    private

    # What its columns mean, as it was sent; nil where nothing was, and :broken for what is no JSON.
    def match
      return if params[:match].blank?

      JSON.parse(params[:match].to_s.first(SheetMatch::LARGEST)).then { |data| data.is_a?(Hash) ? data : {} }
    rescue JSON::ParserError
      :broken
    end

    def read(bytes, given)
      fields = Hash.new { |_, number| pieces[number]&.fields }
      match = DustLadder::Gear::SheetMatch.new(given)
      DustLadder::Gear::StoreSheet.new(bytes.dup, known: fields, match: match, **Piece.read_by).read
    end

    # The rows with what the pieces that are in the store already say to them: at once, not when they are to be taken.
    def told_by_the_store(rows)
      told = rows.map { |row| row.merge("lock_version" => version(row), "problems" => row["problems"] | refused(row)) }
      { "rows" => told, "faulty" => told.count { |row| row["problems"].any? } }
    end

    # Of their state alone: that is all that a piece in the store may refuse, and few rows change it.
    def refused(row)
      return [] unless row["changes"].any? { |change| change["field"] == "state" }

      piece = pieces[row["fields"]["number"]]
      piece.fields = row["fields"]
      piece.valid?
      piece.errors.filter_map { |one| one.options[:problem] if one.options[:problem]["field"] == "state" }
    end

    def pieces = @pieces ||= Hash.new { |known, number| known[number] = Piece.find_by(number: number) }
    def version(row) = row["known"] ? pieces[row["fields"]["number"]].lock_version : nil
  end
end
