# How the load of a plan really is, for the stand-ins of a trial: by chance, the same at every try, told to nobody.
module HiddenLoad
  # Moves every plan's chance to where the demo's duct hangs with one end low.
  SALT = 99

  module_function

  # lift: a DustLadder::Lift. title: of its plan. Raises DustLadder::NotKnown.
  def of(lift, title)
    DustLadder::Trial::Simulated.by_chance(lift, Random.new(Zlib.crc32(title) + SALT)).truth
  end
end
