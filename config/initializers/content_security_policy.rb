# The page asks no host but its own. Styles are put in by the component library at run time.
Rails.application.config.content_security_policy do |policy|
  policy.default_src :self
  policy.script_src :self
  policy.style_src :self, :unsafe_inline
  policy.img_src :self, :data, :blob
  policy.font_src :self
  policy.connect_src :self
  policy.object_src :none
  policy.base_uri :self
  policy.frame_ancestors :none
end
