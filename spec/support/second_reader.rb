# Reads a chart against its paper, block by block, as a second person does.
module SecondReader
  def read_against_paper(chart, by)
    chart.paper.blocks.each { |block| chart.read_block(block.id, by: by, at: Time.current) }
  end

  # The same on the screen, tick by tick.
  def read_beside_the_page(by)
    fill_in "I read it against the paper: my name", with: by
    count = all("[data-read]", minimum: 1).size
    count.times do |at|
      first("[data-read]").click
      expect(page).to have_css("[data-read]", count: count - at - 1)
    end
    click_button "Checked against the paper"
    expect(page).to have_text("Checked against the paper by #{by}")
  end
end
RSpec.configure { |config| config.include SecondReader }
