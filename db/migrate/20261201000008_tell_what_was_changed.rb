# What each revision changed, in words.
class TellWhatWasChanged < ActiveRecord::Migration[7.2]
  def change
    add_column :revisions, :told, :string, null: false, default: ""
  end
end
