# Who may sign in, and as what. Nobody is ever erased: what they did stays theirs.
class CreatePeople < ActiveRecord::Migration[7.2]
  def change
    create_table :people do |t|
      t.string :login, null: false
      t.string :name, null: false
      t.json :roles, null: false, default: []
      t.boolean :active, null: false, default: true
      t.string :encrypted_password, null: false, default: ""
      # Counted up, it ends every session of the person.
      t.integer :sessions_version, null: false, default: 0
      t.string :reset_password_token
      t.datetime :reset_password_sent_at
      t.integer :failed_attempts, null: false, default: 0
      t.datetime :locked_at
      t.integer :lock_version, null: false, default: 0
      t.timestamps
      t.index :login, unique: true
      t.index :reset_password_token, unique: true
    end
  end
end
