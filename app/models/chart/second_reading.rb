class Chart
  # What a second person has read of a chart against its paper, block by block.
  module SecondReading
    # As its page has it; a chart that came without one, in m and kg.
    def paper = @paper ||= DustLadder::Cranes::ChartPaper.new(data, printed)

    # Somebody has read one block: it is as the paper says, or differs, in their words; read: false takes that back.
    # Raises PlanFile::Invalid.
    def read_block(id, by:, at:, read: true, differs: "")
      refuse_reader(by)
      block = paper.blocks.find { |one| one.id == id }
      refuse("there is no such block of this chart", "one of its blocks", "/block") if block.nil?

      said = { "by" => by.strip.first(200), "at" => at.iso8601, "differs" => differs.strip.first(400).presence }
      # Others may be reading it too: each block is put beside theirs.
      with_lock { update!(readings: read ? readings.merge(id => said) : readings.except(id)) }
    end

    # Titles of blocks that this person has not read, or found otherwise.
    def unread(by)
      paper.blocks.reject { |block| read?(readings[block.id], by) }.map(&:title)
    end

    # What is on the paper otherwise, by whoever read it: [title, their word].
    def otherwise
      paper.blocks.filter_map do |block|
        word = readings.dig(block.id, "differs") and [ block.title, word ]
      end
    end

    # The same in one sentence each, without the page.
    def found_otherwise
      readings.values.filter_map { |said| "#{said["by"]} found on the paper: #{said["differs"]}" if said["differs"] }
    end

    private

    def read?(said, by) = said && said["differs"].nil? && DustLadder::Cranes::Record.one?(said["by"], by)

    def refuse_reader(by)
      refuse("who has read it against the paper is not given", "a name") if by.strip.empty?
      refuse("#{by.strip} entered this chart", "another person, who did not enter it") if record.same?(by)
      refuse("who entered it is not on record", "a chart that someone entered here") if record.entered_by.empty?
      refuse("it is #{withdrawn}", "a version that counts") if withdrawn
      refuse("it was checked by #{record.checked_by} already", "a version that is not yet checked") unless record.doubt
    end

    def refuse_unread(by)
      faults = paper.faults
      refuse("it cannot be shown beside its page: #{faults.first["message"]}", "a chart typed anew") if faults.any?

      found = otherwise
      if found.any?
        refuse(
          "the paper says otherwise: #{found.map { |title, word| "#{title}: #{word}" }.join("; ")}",
          "a version with these mended"
        )
      end

      left = unread(by)
      return if left.empty?

      refuse(
        "#{left.size} of #{paper.blocks.size} blocks not read by #{by.strip}: #{left.first(6).join("; ")}",
        "each read"
      )
    end
  end
end
