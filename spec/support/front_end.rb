require "open3"

# Functions of the front end that draw nothing, called from a spec: one process of Node for all of them, ended with the
# run. undefined comes as nil.
module FrontEnd
  class << self
    # then_: names to call on the answer, each with its arguments: [["x", 3.0]].
    def call(file, name, *args, then_: [])
      LOCK.synchronize do
        @in, @out, @process = start unless @process&.alive?
        @in.puts(JSON.generate({ module: file, call: name, args: args, then: then_ }))
        answer = JSON.parse(@out.gets || raise("the front end's process ended"))
        raise "#{file} #{name}: #{answer["error"]}" if answer["error"]

        answer["value"]
      end
    end

    private

    def start
      input, output, process = Open3.popen2("node", Rails.root.join("script/front_end.mjs").to_s)
      at_exit { input.close unless input.closed? }
      [ input, output, process ]
    end
  end
  LOCK = Mutex.new

  def front(...) = FrontEnd.call(...)
end
RSpec.configure { |config| config.include FrontEnd }
