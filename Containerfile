# An image of the application; its data and settings come from outside:
#   build: any builder of such files, in this folder, with the package registries within reach
#   run:   mount a folder at /data, give the settings of config/deploy/env.example, publish the port behind a TLS proxy
FROM node:22-bookworm-slim AS build
WORKDIR /app
RUN apt-get update -qq && apt-get install -y -qq --no-install-recommends build-essential ruby ruby-dev ruby-bundler pkg-config \
    libyaml-dev libsqlite3-dev libxml2-dev libxslt1-dev zlib1g-dev ca-certificates && rm -rf /var/lib/apt/lists/*
COPY package.json package-lock.json ./
RUN npm ci --no-audit --no-fund
COPY Gemfile Gemfile.lock ./
COPY core/dust_ladder.gemspec core/
COPY core/lib/dust_ladder.rb core/lib/
RUN bundle config set --local without "development test" && bundle config set --local path vendor/bundle && \
    bundle config set --local build.nokogiri --use-system-libraries && bundle config set --local build.sqlite3 --enable-system-libraries && \
    bundle install --jobs 4
COPY . .
RUN mkdir -p tmp log && bin/build && rm -rf node_modules .git

FROM debian:bookworm-slim
RUN apt-get update -qq && apt-get install -y -qq --no-install-recommends ruby ruby-bundler libyaml-0-2 libsqlite3-0 libxml2 libxslt1.1 \
    zlib1g tzdata && rm -rf /var/lib/apt/lists/* && useradd --system --home-dir /data dust-ladder
COPY --from=build /app /app
WORKDIR /app
RUN install -d -m 0700 -o dust-ladder -g dust-ladder /data tmp log
USER dust-ladder
ENV DUST_LADDER_DATA=/data DUST_LADDER_BACKUPS=/data/backups BIND=0.0.0.0 PORT=3000
VOLUME /data
EXPOSE 3000
CMD ["sh", "-c", "bin/house begin && exec bin/house serve"]
