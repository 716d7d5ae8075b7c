require "pagy/extras/overflow"

# A page past the last, such as one of a list that has become shorter, is the last.
Pagy::DEFAULT[:overflow] = :last_page
