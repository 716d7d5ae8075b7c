require "capybara/rspec"
require_relative "../../script/browser"

# One that keeps its log and every request, which costs time, and one that does not.
{ chromium: false, chromium_logging: true }.each do |name, logs|
  Capybara.register_driver name do |app|
    options = Browser.options(logs: logs)
    # A menu that is still unfolding would let a click fall beside its item.
    options.add_argument("--force-prefers-reduced-motion")
    options.add_preference("download.default_directory", BrowserHelp::DOWNLOADS)
    Capybara::Selenium::Driver.new(app, browser: :chrome, options: options, service: Browser.service)
  end
end
Capybara.server = :puma, { Silent: true, Threads: "0:5" }
Capybara.default_driver = Capybara.javascript_driver = :chromium
Capybara.default_max_wait_time = 12
Capybara.enable_aria_label = true

# A text is put into its field at one stroke but for its last letter, which is a key: each letter by itself costs the
# page a drawing. The page hears of both, so that drawing the field again loses nothing. What is about typing itself
# sends its keys one by one.
module AtOneStroke
  STROKE = <<~JS
    const [field, text] = arguments
    const kind = field.tagName === 'TEXTAREA' ? HTMLTextAreaElement : HTMLInputElement
    field.focus()
    Object.getOwnPropertyDescriptor(kind.prototype, 'value').set.call(field, text)
    field.dispatchEvent(new Event('input', { bubbles: true }))
  JS

  def set_text(value, clear: nil, **options)
    text = value.to_s
    return super if text.size < 3 || text.include?("\n") || clear || !%w[input textarea].include?(tag_name)

    driver.execute_script(STROKE, self, text[0..-2])
    send_keys(:end, text[-1])
  end
end
Capybara::Selenium::ChromeNode.prepend(AtOneStroke)
Capybara.default_set_options = { rapid: false }

# An element that the page drew anew while the driver looked at it is told as an error without a name of its own; it is
# looked for again like any other that went, as long as one waits.
module GoneMeanwhile
  def invalid_element_errors = super | [ Selenium::WebDriver::Error::UnknownError ]
end
Capybara::Selenium::Driver.prepend(GoneMeanwhile)

module BrowserHelp
  DOWNLOADS = Dir.mktmpdir("dust-ladder-downloads")

  # A window of exactly this size inside, whatever the frame around it.
  def look(width = 1280, height = 800)
    page.driver.browser.execute_cdp(
      "Emulation.setDeviceMetricsOverride",
      width: width,
      height: height,
      deviceScaleFactor: 1,
      mobile: false
    )
  end

  # What stands out of the window to the right: nil once nothing does. The page has a moment to lay itself out.
  def sideways
    limit = Time.now + 3
    loop do
      wider = page.evaluate_script(<<~JS)
        document.documentElement.scrollWidth <= window.innerWidth ? null :
          [...document.querySelectorAll('body *')].filter((one) => one.getBoundingClientRect().right > window.innerWidth)
            .map((one) => one.outerHTML.slice(0, 90)).slice(0, 3).join(' ')
      JS
      return wider if wider.nil? || Time.now > limit

      sleep 0.1
    end
  end

  def open_plan(plan)
    look
    visit "/plans/#{plan.id}"
    expect(page).to have_css("[data-rung=load]")
  end

  def rung(id) = find("[data-rung=#{id}]")
  def verdict_of(id) = rung(id)["data-verdict"]

  def choose_from_menu(words)
    click_button "More"
    find("[role=menuitem]", text: words).click
  end

  # Types into several fields, each named as it is read out.
  def fill_all(fields) = fields.each { |field, text| fill_in field, with: text }

  # Drags a grip by pixels, in steps as a hand would. Holds it when a block is given, and lets go after.
  def drag(grip, by_x, by_y, steps: 8)
    rect = find("[data-grip=#{grip}]").native.rect
    actions =
      page
        .driver
        .browser
        .action(duration: 20)
        .move_to_location((rect.x + rect.width / 2).to_i, (rect.y + rect.height / 2).to_i)
        .pointer_down
    steps.times do |step|
      actions = actions.move_by(*[ by_x, by_y ].map { |by| by * (step + 1) / steps - by * step / steps })
    end
    actions.perform
    yield if block_given?
    page.driver.browser.action.release.perform
  end

  # Every host that the browser asked since the driver started.
  def hosts_asked
    page
      .driver
      .browser
      .logs
      .get(:performance)
      .filter_map do |entry|
        message = JSON.parse(entry.message)["message"]
        next unless message["method"] == "Network.requestWillBeSent"

        address =
          begin
            URI(message.dig("params", "request", "url"))
          rescue StandardError
            next
          end
        address.host if %w[http https ws wss].include?(address.scheme)
      end
      .uniq
  end

  # Serious findings of the accessibility checker, which runs in the page itself.
  def serious_findings
    page.execute_script(Rails.root.join("node_modules/axe-core/axe.min.js").read)
    found =
      page.evaluate_async_script(
        "const done = arguments[arguments.length - 1]; axe.run(document, { resultTypes: ['violations'] " \
          "}).then((result) => done(result.violations.map(({ id, impact, nodes }) => ({ id, impact, nodes: " \
          "nodes.map((node) => " \
          "node.target.join(' ')) }))))"
      )
    found.select { |finding| %w[serious critical].include?(finding["impact"]) }
  end
end

RSpec.configure do |config|
  config.include BrowserHelp, type: :system
  # A spec and the server share one connection: were both to read what a table has at the same time, each would hold
  # what the other waits for.
  config.before(:suite) do
    Rails.application.eager_load!
    ActiveRecord::Base.descendants.reject(&:abstract_class?).each { |model| model.load_schema if model.table_exists? }
  end
  # One size of window, whichever example came before; and what its page kept in its storage goes, without a page
  # being opened for that. Its cookies once more: what it still had under way when it was left may have set one.
  config.before(:each, type: :system) do |example|
    driven_by(example.metadata[:logging] ? :chromium_logging : :chromium)
    page.driver.browser.execute_cdp(
      "Storage.clearDataForOrigin",
      origin: page.server.base_url,
      storageTypes: "cookies,local_storage,indexeddb,service_workers,cache_storage"
    )
    look
  end
end
