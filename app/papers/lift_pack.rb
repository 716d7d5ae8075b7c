# Everything of one lift on paper: head with state and signatures, drawings to scale, rigging, ladder, briefing, lists,
# signals, the day's record where there is one, and the working as an annex (handbook, section 19).
class LiftPack < Paper
  include LiftPack::Tables
  include LiftPack::Drawings
  include LiftPack::Ground
  include LiftPack::Day

  MOST_WORKING = 600

  # plan: a Plan. address: at which it opens. system: metric or us. working: with its annex?
  def initialize(plan, address:, system: "metric", working: true)
    @plan = plan
    @address = address
    @system = SYSTEMS.include?(system) ? system : SYSTEMS.first
    @with_working = working
    @day = Plan::Day.new(plan)
    super(size: "A4", margin: 14)
  end

  private

  attr_reader :plan, :day

  def ladder = day.ladder
  def lift = ladder.lift
  def life = day.life

  # A Sentence or Figure in the units of the pack; plain text as it is.
  def told(one)
    case one
    when nil then ""
    when String then one
    when DustLadder::Figure then one.shown(@system.to_sym)
    when Hash then one[@system].to_s
    else one[@system]
    end
  end

  def draw
    head
    drawings
    rigging
    rungs
    ground
    pdf.start_new_page
    briefing
    lists
    signals
    record if day.log.events.any?
    annex if @with_working
    foot
  end

  def heading(text)
    pdf.start_new_page if pdf.cursor < 70
    pdf.move_down(8)
    pdf.text(printable(text), size: 12, style: :bold)
    pdf.stroke_horizontal_rule
    pdf.move_down(4)
  end

  def line(text, **more) = pdf.text(printable(text), size: 9, **more)
  def bullet(text) = line("• #{text}", indent_paragraphs: 0)

  def table(rows, widths: nil, size: 8, head: true)
    return if rows.size <= (head ? 1 : 0)

    printed = rows.map { |row| row.map { |cell| printable(cell) } }
    options = { header: head, width: pdf.bounds.width, cell_style: { size: size, padding: 2.5, border_width: 0.5 } }
    options[:column_widths] = widths if widths
    pdf.table(printed, **options) { |drawn| drawn.row(0).font_style = :bold if head }
    pdf.move_down(4)
  end

  # On every page: which one, and of which revision.
  def foot
    digest = life.course.document.to_s.delete_prefix("sha256:").first(8).scan(/.{4}/).join(" ")
    said = "#{plan.title.truncate(60)}, rev #{life.course.revision || "none"}, #{day.state}, #{digest}"
    pdf.repeat(:all) { words(said, x: 0, y: -6, width: pdf.bounds.width - 80, height: 10, size: 7.5) }
    pdf.number_pages("page <page> of <total>", at: [ 0, -6 ], size: 7.5, align: :right)
  end
end
