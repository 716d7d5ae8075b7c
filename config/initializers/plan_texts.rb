# The table of PlanText and what SQLite keeps beside it are made where they are missing, not by db/schema.rb.
ActiveSupport.on_load(:active_record) { ActiveRecord::SchemaDumper.ignore_tables |= [ /\Aplan_texts/ ] }
