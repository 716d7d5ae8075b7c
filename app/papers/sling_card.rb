# A card of a sling, or of a set with its link: what it carries at the angles that riggers ask for. To be folded and
# carried.
class SlingCard < Paper
  WIDE = 148
  HIGH = 105
  # Of its width, what the angles take.
  ANGLES = 0.42

  # pieces: of the store, all of one set or one by itself. rules: a DustLadder::RuleSet; system: metric or us. Raises
  # DustLadder::NotKnown where there is no legible sling among them.
  def initialize(pieces, rules, system: "metric")
    @pieces = pieces
    @system = SYSTEMS.include?(system) ? system : SYSTEMS.first
    @card = DustLadder::Gear::Card.new(pieces.map(&:data), rules).as_json
    super(size: [ WIDE * MM, HIGH * MM ], margin: 6)
  end

  private

  attr_reader :card

  def draw
    head
    pdf.move_down(46)
    wide = pdf.bounds.width
    others = rows[0].size - 1
    widths = [ wide * ANGLES, *[ wide * (1 - ANGLES) / others ] * others ]
    pdf.table(rows, column_widths: widths, cell_style: { size: 9, padding: 3, border_width: 0.5 }) do |table|
      table.row(0).font_style = :bold
      table.column(0).font_style = :bold
    end
    notes
  end

  def head
    top, wide = pdf.bounds.height, pdf.bounds.width
    names = @pieces.map(&:number).join(", ")
    words(names, x: 0, y: top, width: wide, height: 18, size: 15, style: :bold)
    words(about, x: 0, y: top - 20, width: wide, height: 22, size: 8)
  end

  def about
    sizes = @pieces.map { |piece| [ piece.kind_of_gear&.words, piece.fields["size"] ].compact.join(" ") }.uniq
    "#{sizes.join("; ")}. Rules: #{card["school"]}. Examination due: #{due}."
  end

  # Of the set, the first one that is due; one that nobody knows of comes before all.
  def due
    days = @pieces.select { |piece| piece.fitness.due.wanted? }.map { |piece| piece.fitness.due.day }
    days.include?(nil) ? "not known" : days.min
  end

  def rows
    single = card["rows"].any? { |row| row["one"]["basket"] }
    together = card["legs"].between?(2, 4)
    heads = [ "angle", "one leg straight", "one leg choked" ]
    heads << "basket" if single
    heads.push("#{card["legs"]} legs straight", "#{card["legs"]} legs choked") if together
    [ heads, *card["rows"].map { |row| cells(row, single, together) } ]
  end

  def cells(row, single, together)
    one, all = row.values_at("one", "all")
    hitches = %w[vertical choker]
    figures = [ *one.values_at(*hitches), *(single ? [ one["basket"] ] : []),
      *(together ? all.values_at(*hitches) : []) ]
    [ angle(row), *figures.map { |figure| figure ? printable(figure[@system]) : "no figure" } ]
  end

  def angle(row)
    degrees = row.values_at("from_horizontal", "from_plumb", "included").map(&:round)
    "#{degrees[0]}° from horizontal\n#{degrees[1]}° from plumb, #{degrees[2]}° included"
  end

  def notes
    said = "#{card["notes"].join("; ")}."
    words(said, x: 0, y: 24, width: pdf.bounds.width, height: 24, size: 8)
  end
end
