# Each photo or sketch of a plan is a record of its own; those that were attached to the plan itself become such.
class CreateSketches < ActiveRecord::Migration[7.2]
  class OldAttachment < ActiveRecord::Base
    self.table_name = "active_storage_attachments"
  end

  class NewSketch < ActiveRecord::Base
    self.table_name = "sketches"
  end

  def up
    create_table :sketches do |t|
      t.references :plan, null: false, foreign_key: true
      t.datetime :created_at, null: false
    end
    OldAttachment.where(record_type: "Plan", name: "sketches").find_each do |old|
      sketch = NewSketch.create!(plan_id: old.record_id, created_at: old.created_at)
      old.update_columns(record_type: "Sketch", record_id: sketch.id, name: "file")
    end
  end

  def down
    OldAttachment.where(record_type: "Sketch", name: "file").find_each do |old|
      sketch = NewSketch.find(old.record_id)
      old.update_columns(record_type: "Plan", record_id: sketch.plan_id, name: "sketches")
    end
    drop_table :sketches
  end
end
