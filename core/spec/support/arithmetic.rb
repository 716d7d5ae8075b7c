# Works a shown formula out again from its own text and operands, apart from the code that made it.
module Arithmetic
  ALLOWED = %r{\A[\d\s.eE+*/()\-]*\z}

  def rework(line)
    text =
      line
        .formula
        .gsub(DustLadder::Ladder::Formula::NAME) do |name|
          line.operands.key?(name.to_sym) ? "(#{line.operands[name.to_sym].value})" : name
        end
    text =
      text.gsub("×", "*").gsub("−", "-").gsub("²", "**2").gsub("³", "**3").gsub("^", "**").gsub("π", Math::PI.to_s)
    raise "cannot rework #{text}" unless text.gsub(/√|sin|cos|a?tan/, "").match?(ALLOWED)

    text =
      text
        .gsub("√(", "Math.sqrt(")
        .gsub("atan(", "Arithmetic.atan_deg(")
        .gsub(/(?<![a-z])tan\(/, "Arithmetic.tan_deg(")
        .gsub("sin(", "Arithmetic.sin_deg(")
        .gsub("cos(", "Arithmetic.cos_deg(")
    eval(text) # rubocop:disable Security/Eval
  end

  def self.atan_deg(value) = Math.atan(value) * 180 / Math::PI
  def self.tan_deg(value) = Math.tan(value * Math::PI / 180)
  def self.cos_deg(value) = Math.cos(value * Math::PI / 180)
  def self.sin_deg(value) = Math.sin(value * Math::PI / 180)
end
