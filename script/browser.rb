require "selenium-webdriver"
require "fileutils"
require "tmpdir"
require "net/http"

# Debian's Chromium, driven for real, with a fresh profile each time. For specs, screenshots and benchmarks.
module Browser
  FLAGS = %w[
    --headless=new
    --no-sandbox
    --disable-gpu
    --disable-quic
    --no-first-run
    --disable-background-networking
    --disable-component-update
    --disable-sync
    --force-device-scale-factor=1
    --hide-scrollbars
    --window-size=1280,800
  ].freeze

  module_function

  # logs: keep the browser's log and every request it makes; that costs time. profile: a folder, or a fresh one.
  def options(logs: false, profile: self.profile)
    Selenium::WebDriver::Chrome::Options
      .new(binary: "/usr/bin/chromium", args: FLAGS + [ "--user-data-dir=#{profile}" ])
      .tap { |options| options.add_option("goog:loggingPrefs", { performance: "ALL", browser: "ALL" }) if logs }
  end

  # A fresh profile, in memory where the machine has a place for it; gone with whoever asked for it.
  def profile
    Dir
      .mktmpdir("dust-ladder", *[ "/dev/shm" ].select { |place| File.writable?(place) })
      .tap { |folder| at_exit { FileUtils.rm_rf(folder) } }
  end

  def service = Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver")

  # A driver on a demo of its own: its own data, its own port, ended when the block ends.
  def with_demo(name, port)
    server =
      spawn(
        { "DEMO_DATABASE" => name },
        File.expand_path("../bin/demo", __dir__),
        "--fresh",
        "--port",
        port.to_s,
        out: File::NULL
      )
    wait_for(port)
    driver = Selenium::WebDriver.for(:chrome, options: options, service: service)
    home = "http://127.0.0.1:#{port}"
    be(driver, home)
    yield driver, home
  ensure
    driver&.quit
    if server
      Process.kill("TERM", server)
      Process.wait(server)
    end
    Dir[File.expand_path("../storage/#{name}.sqlite3*", __dir__)].each { |file| File.delete(file) }
  end

  # Signs in as one of the demo's people.
  def be(driver, home, name = "Ines Rook")
    driver.get(home)
    patient.until { driver.find_elements(css: "button").find { |button| button.text.start_with?(name) } }.click
    patient.until { driver.find_elements(css: "[aria-label$='signed in: #{name}']").any? }
  end

  # What a request beside the browser carries to be of whoever is signed in there.
  def headers(driver)
    token = driver.execute_script("return document.querySelector('meta[name=csrf-token]')?.content")
    cookies = driver.manage.all_cookies.map { |one| "#{one[:name]}=#{one[:value]}" }.join("; ")
    json = "application/json"
    { "Cookie" => cookies, "X-CSRF-Token" => token.to_s, "Accept" => json, "Content-Type" => json }
  end

  # Signs out again.
  def leave(driver, home)
    driver.get(home)
    patient.until { driver.find_element(css: "[aria-label*='signed in:']") }.click
    patient.until { driver.find_elements(css: "[role=menuitem]").find { |item| item.text == "Sign out" } }.click
    patient.until { driver.find_elements(css: "h1").any? { |head| head.text == "Sign in" } }
  end

  # A page that is drawn anew between finding and reading is looked at again.
  def patient
    errors = Selenium::WebDriver::Error
    missed = [ errors::NoSuchElementError, errors::StaleElementReferenceError ]
    Selenium::WebDriver::Wait.new(timeout: 30, ignore: missed)
  end

  def wait_for(port, seconds: 300)
    limit = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
    begin
      Net::HTTP.get_response("127.0.0.1", "/", port)
    rescue Errno::ECONNREFUSED
      raise "no demo on port #{port} after #{seconds} s" if Process.clock_gettime(Process::CLOCK_MONOTONIC) > limit

      sleep 0.2
      retry
    end
  end

  def size(driver, width, height)
    driver.execute_cdp(
      "Emulation.setDeviceMetricsOverride",
      width: width,
      height: height,
      deviceScaleFactor: 1,
      mobile: false
    )
  end
end
