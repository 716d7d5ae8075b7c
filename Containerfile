# An image of the application; its data and settings come from outside:
#   build: any builder of such files, in this folder, with the package registries within reach; BASE is a Debian 12
#   run:   mount a folder at /data, give the settings of config/deploy/env.example, publish the port behind a TLS proxy
ARG BASE=debian:bookworm-slim
FROM $BASE AS build
WORKDIR /app
ENV BUNDLE_PATH=vendor/bundle BUNDLE_WITHOUT=development:test
COPY . .
RUN apt-get update -qq && apt-get install -y -qq --no-install-recommends ca-certificates && \
    bin/setup service && bin/build && rm -rf node_modules vendor/node tmp log && mkdir tmp log

FROM $BASE
RUN apt-get update -qq && apt-get install -y -qq --no-install-recommends ruby ruby-bundler libyaml-0-2 libsqlite3-0 libxml2 libxslt1.1 \
    zlib1g tzdata && rm -rf /var/lib/apt/lists/* && useradd --system --home-dir /data dust-ladder
COPY --from=build /app /app
WORKDIR /app
RUN install -d -m 0700 -o dust-ladder -g dust-ladder /data tmp log
USER dust-ladder
ENV BUNDLE_PATH=vendor/bundle BUNDLE_WITHOUT=development:test DUST_LADDER_DATA=/data DUST_LADDER_BACKUPS=/data/backups BIND=0.0.0.0 PORT=3000
VOLUME /data
EXPOSE 3000
CMD ["sh", "-c", "bin/house begin && exec bin/house serve"]
