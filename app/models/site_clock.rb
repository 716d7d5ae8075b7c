# The site's own time, in which lifts are planned: the server's, by its time zone (TZ).
module SiteClock
  def self.now = Time.now
  def self.today = now.to_date
  # As plans have it, such as 2026-12-14T06:30.
  def self.minute = now.strftime("%Y-%m-%dT%H:%M")
end
