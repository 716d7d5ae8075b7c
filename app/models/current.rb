# Who is asking, for as long as one request lasts.
class Current < ActiveSupport::CurrentAttributes
  attribute :person
end
