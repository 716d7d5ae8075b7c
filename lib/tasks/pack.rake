namespace :plans do
  desc "Writes the pack of a plan as PDF: bin/rails plans:pack ID=14 FILE=pack.pdf [UNITS=us] [WORKING=no]"
  task pack: :environment do
    plan = Plan.find_by(id: ENV["ID"]) or abort "there is no plan #{ENV["ID"].inspect}; expected ID=14"
    file = ENV["FILE"].to_s
    abort "no file is given; expected FILE=pack.pdf" if file.empty?

    at = ENV.fetch("ADDRESS", "http://127.0.0.1:3000")
    pack =
      LiftPack.new(
        plan,
        address: "#{at}/plans/#{plan.id}",
        system: ENV.fetch("UNITS", "metric"),
        working: ENV["WORKING"] != "no"
      )
    File.binwrite(file, pack.render)
    puts "#{file}: #{plan.title}"
  end
end
