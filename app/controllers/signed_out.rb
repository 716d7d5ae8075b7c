# The answer to whoever is not signed in any more: the same JSON as every other refusal.
class SignedOut < Devise::FailureApp
  MESSAGE = { pointer: "", message: "nobody is signed in here", expected: "that you sign in again" }.freeze

  def respond
    self.status = :unauthorized
    self.content_type = "application/json"
    self.response_body = JSON.generate(errors: [ MESSAGE ])
  end
end
