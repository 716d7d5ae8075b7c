require "rqrcode"

# A label before the camera: a still picture stands in for it.
RSpec.describe "Scanning a label" do
  before { load_store }

  WIDE = 640
  HIGH = 480
  PIXELS = 9

  # One frame of a film without compression: the label's code in the middle, as the PDF prints it.
  def film(piece)
    squares = LabelSheet.squares(piece)
    left, top = (WIDE - squares.size * PIXELS) / 2, (HIGH - squares.size * PIXELS) / 2
    rows =
      Array.new(HIGH) do |y|
        Array.new(WIDE) { |x| dark?(squares, (x - left).div(PIXELS), (y - top).div(PIXELS)) ? 16 : 235 }.pack("C*")
      end
    grey = "\x80".b * (WIDE * HIGH / 2)
    path = File.join(Dir.mktmpdir, "label.y4m")
    File.binwrite(path, "YUV4MPEG2 W#{WIDE} H#{HIGH} F30:1 Ip A1:1 C420jpeg\nFRAME\n".b + rows.join + grey)
    path
  end

  def dark?(squares, x, y) = x.between?(0, squares.size - 1) && y.between?(0, squares.size - 1) && squares[y][x]

  def with_camera(path)
    Capybara.register_driver(:camera) do |app|
      options = Browser.options
      %w[--use-fake-ui-for-media-stream --use-fake-device-for-media-stream].each { |flag| options.add_argument(flag) }
      options.add_argument("--use-file-for-fake-video-capture=#{path}") if path
      Capybara::Selenium::Driver.new(app, browser: :chrome, options: options, service: Browser.service)
    end
    Capybara.using_driver(:camera) do
      yield
    ensure
      page.driver.quit
    end
  end

  it "opens the piece whose code the camera sees" do
    piece = Piece.find_by!(number: "C-22")
    with_camera(film(piece)) do
      visit "/store"
      click_button "Scan a label"
      expect(page).to have_css("h1", text: "C-22, alloy chain sling")
      expect(page).to have_current_path("/store/#{piece.id}")
    end
  end

  it "takes the code as it is typed where there is no camera, and says what is none" do
    visit "/store"
    click_button "Scan a label"
    expect(page).to have_text("No camera: type the code that stands on the label")
    within("[role=dialog]") do
      fill_in "Code or number", with: "ZZZ ZZZ"
      click_button "Open it"
      expect(page).to have_text("No piece has the code or number “ZZZ ZZZ”")
      code = Piece.find_by!(number: "R-11").code
      fill_in "Code or number", with: code.downcase.scan(/.../).join(" ")
      click_button "Open it"
    end
    expect(page).to have_css("h1", text: "R-11, polyester round sling")
  end
end
