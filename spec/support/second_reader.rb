# Reads a chart against its paper, block by block, as a second person does.
module SecondReader
  def read_against_paper(chart, by)
    chart.paper.blocks.each { |block| chart.read_block(block.id, by: by, at: Time.current) }
  end
end
RSpec.configure { |config| config.include SecondReader }
