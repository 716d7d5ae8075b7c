# Numbers of several like pieces, as they are written.
RSpec.describe DustLadder::Gear::Numbers do
  {
    "S-31" => %w[S-31],
    "S-31, S-32" => %w[S-31 S-32],
    "S-31; S-33\nS-35" => %w[S-31 S-33 S-35],
    "S-31 to S-34" => %w[S-31 S-32 S-33 S-34],
    "S-31..34" => %w[S-31 S-32 S-33 S-34],
    "S-31…S-33" => %w[S-31 S-32 S-33],
    "S-008 to S-011" => %w[S-008 S-009 S-010 S-011],
    "S-9 TO S-11" => %w[S-9 S-10 S-11],
    "A-1 to A-2, B-7" => %w[A-1 A-2 B-7],
    "12 to 14" => %w[12 13 14],
    # No run: another name on its other side.
    "A-1 to B-2" => [ "A-1 to B-2" ],
    "the red one" => [ "the red one" ],
    "R-8 to" => [ "R-8 to" ],
    " S-1 ,, S-2 , " => %w[S-1 S-2]
  }.each { |text, numbers| it("reads #{text.inspect}") { expect(described_class.of(text)).to eq(numbers) } }

  {
    "" => /no number is given/,
    " , ; " => /no number is given/,
    nil => /no number is given/,
    "S-5 to S-1" => /runs backwards/,
    "S-1, S-2, S-1" => /S-1 stands there twice/,
    "S-1 to S-3, S-2" => /S-2 stands there twice/,
    "S-1 to S-201" => /these are 201 numbers/,
    "S-1 to S-999999" => /these are 999999 numbers/,
    Array.new(201) { |index| "x#{index}y" }.join(",") => /these are 201 numbers/
  }.each do |text, words|
    it "asks #{text.inspect[0, 40]} back" do
      expect { described_class.of(text) }.to raise_error(described_class::Unreadable, words)
    end
  end

  it "gives as many as a run has, each once, whatever it begins with" do
    random = Random.new(2)
    100.times do
      from, count = random.rand(0..9000), random.rand(1..200)
      numbers = described_class.of("Q#{from} to Q#{from + count - 1}")
      expect([ numbers.size, numbers.uniq.size, numbers.first, numbers.last ]).to eq(
        [ count, count, "Q#{from}", "Q#{from + count - 1}" ]
      )
    end
  end
end
