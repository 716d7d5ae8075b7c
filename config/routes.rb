Rails.application.routes.draw do
  devise_for :people, skip: :all

  namespace :api, defaults: { format: :json } do
    resource :session, only: %i[show create update destroy]
    resource :password, only: :create
    resources :tokens, only: %i[index create destroy]
    resources :people, only: %i[index create update] do
      resource :link, only: :create
      resource :sessions, only: :destroy, controller: "person_sessions"
    end
    resource :board, only: :show
    resource :days, :today, only: :show
    resource :calendar, only: :show
    resource :waits, only: :show
    resources :plans, only: %i[show create update] do
      resources :revisions, only: %i[index show update], param: :number
      resource :file, :take_off_file, only: :show
      resource :changes, only: :show
      resource :pattern, only: :update
      resource :life, only: %i[show create]
      resource :day, only: %i[show create], controller: "lift_days"
      resource :day_file, only: :show
      resource :trial, only: :create
      resource :taking, only: :create
      resource :pack, only: :show
      resources :questions, only: %i[index create update]
      resources :sketches, only: %i[index show create destroy]
    end
    resources :checks,
      :ways_out,
      :take_off_readings,
      :indicated_weights,
      :proposals,
      :selections,
      :level_advices,
      :schools,
      :rule_changes,
      :store_readings,
      :chart_readings,
      :comparisons,
      :what_ifs,
      :finds,
      :drills,
      :drill_answers,
      :drill_tries,
      :crew_questions,
      :range_diagrams,
      :quick_checks,
      :best_places,
      :fitting_picks,
      :mat_picks,
      :rigging_lists,
      :piece_changes,
      only: :create
    resources :pieces, only: %i[index show create update] do
      resources :looks, :tries, :acts, only: :create
      resources :files, only: %i[index show create], controller: "piece_files"
    end
    resources :gear_kinds, :due_pieces, only: :index
    resources :piece_codes, :papers, only: :show
    resource :store_file, only: :show
    resources :charts, only: %i[index show create update] do
      resource :file, only: :show, controller: "chart_files"
      resource :reach, only: :show, controller: "reaches"
      resource :withdrawal, only: :create
      resource :paper, only: %i[show update], controller: "chart_papers"
      resources :pictures, only: %i[index show create destroy], controller: "chart_pictures"
    end
    resources :chart_drafts, only: %i[index show create update destroy] do
      resources :pictures, only: %i[index show create destroy], controller: "chart_pictures"
    end
    resources :chart_blanks, only: :show
    resources :sites, only: %i[index show create update] do
      resource :file, only: :show, controller: "site_files"
    end
    resources :site_readings, only: :create
    resource :indicator, only: %i[show update]
    resource :anemometer, only: %i[show update]
    resource :trial_instruments, only: %i[show update]
    resources :rule_sets, only: %i[index show create update] do
      resource :tables, only: :show, controller: "trade_tables"
    end
    resource :rung_help, only: :show
    resources :licences, only: :index
    resources :shapes, :standard_parts, :takers, only: :index
    resources :kept_groups, only: %i[show create destroy]
  end

  get "up", to: "health#show"

  root "screens#show"
  get "worker.js", to: "screens#worker"
  get "all", to: "screens#show"
  get "store(/:id)", to: "screens#show", as: :store_screen
  get "rules/:id/tables", to: "screens#show"
  get "rules(/:id)", to: "screens#show", as: :rules_screen
  get "today", to: "screens#show"
  get "people", to: "screens#show"
  get "practice", to: "screens#show"
  get "account", to: "screens#show"
  get "licences", to: "screens#show"
  get "door/:link", to: "screens#show"
  get "sites(/:id)", to: "screens#show", as: :site_screen
  get "cranes/drafts/:draft", to: "screens#show"
  get "cranes/:id/paper", to: "screens#show"
  get "cranes(/:id)", to: "screens#show", as: :crane_screen
  rooms = /load|working|cab|life|history|day|what-if|find|crew/
  get "plans/:id(/:room)", to: "screens#show", as: :plan_screen, constraints: { room: rooms }
end
