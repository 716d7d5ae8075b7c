RSpec.describe "Licences", type: :request do
  it "are told of all that ships, server and page, and of nothing that only tests bring" do
    get "/api/licences"
    expect(response).to have_http_status(:ok)
    rows = response.parsed_body
    names = rows.map { |row| [ row["of"], row["name"] ] }
    expect(names).to include(%w[server rails], %w[server matrix], %w[page react], %w[page @mui/material])
    expect(names.map(&:last) & %w[rspec-rails capybara eslint vite brakeman dust_ladder]).to eq([])
    expect(names.uniq.size).to be_within(5).of(rows.size)
    expect(rows.select { |row| row["licence"] == Licences::NOT_TOLD }).to eq([])
  end

  it "are nothing for somebody who is signed out", :signed_out do
    get "/api/licences"
    expect(response).to have_http_status(:unauthorized)
  end
end
