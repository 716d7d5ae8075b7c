# What is left of a change when its record is gone stays: the history of shared data is never thinned.
PaperTrail.config.version_limit = nil
