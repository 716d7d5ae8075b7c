# What is kept for good while an example runs, as in a house that is served; afterwards nothing of it is left.
RSpec.shared_context "with data for good" do
  self.use_transactional_tests = false

  after do
    connection = ActiveRecord::Base.connection
    emptied = connection.tables - %w[schema_migrations ar_internal_metadata houses]
    connection.disable_referential_integrity do
      emptied.grep_v(/\Aplan_texts_/).each { |table| connection.execute("DELETE FROM #{table}") }
    end
  end

  # What somebody else does meanwhile.
  def elsewhere
    Thread.new { ActiveRecord::Base.connection_pool.with_connection { yield } }.join
  end
end
