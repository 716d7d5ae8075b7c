require "prawn"
require "prawn/table"

# A sheet that is printed: its fonts, its measures, and words that fit their place whatever they say.
class Paper
  FONTS = Rails.root.join("node_modules/dejavu-fonts-ttf/ttf")
  FAMILY = {
    normal: FONTS.join("DejaVuSansCondensed.ttf").to_s,
    bold: FONTS.join("DejaVuSansCondensed-Bold.ttf").to_s
  }.freeze
  MM = 72 / 25.4
  LEAST_SIZE = 4
  SYSTEMS = %w[metric us].freeze

  # size: a page of Prawn's, or [ width, height ] in points. margin: mm.
  def initialize(size:, margin: 0, layout: :portrait)
    @pdf = Prawn::Document.new(page_size: size, margin: margin * MM, page_layout: layout, skip_page_creation: false)
    @pdf.font_families.update("DejaVu" => FAMILY)
    @pdf.font("DejaVu")
    @pdf.default_leading(1)
  end

  # The PDF, its bytes.
  def render
    draw
    @pdf.render
  end

  private

  attr_reader :pdf

  # Words in a box, made smaller until they fit: what does not fit at all is cut, never drawn over something else.
  def words(text, x:, y:, width:, height:, size: 9, style: :normal, align: :left)
    pdf.text_box(
      printable(text),
      at: [ x, y ],
      width: width,
      height: height,
      size: size,
      min_font_size: LEAST_SIZE,
      overflow: :shrink_to_fit,
      style: style,
      align: align
    )
  end

  # What no font has, and what would not be seen, is left out.
  def printable(text) = text.to_s.scrub("?").gsub(/[[:cntrl:]&&[^\n]]+/, " ").gsub("\u202f", "\u00a0")
end
