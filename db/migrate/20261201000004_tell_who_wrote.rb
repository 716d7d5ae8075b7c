# Who saved each revision; and of a plan, everybody who wrote in it since it was last written down for others to sign.
class TellWhoWrote < ActiveRecord::Migration[7.2]
  def change
    add_column :revisions, :by, :string, null: false, default: ""
    add_column :plans, :writers, :json, null: false, default: []
  end
end
