# For whoever serves the application, to be read in before it starts.
! ruby --yjit -e 1 2>/dev/null || export RUBYOPT=--yjit
# Room for a request's own rubbish: with Ruby's small first heap the slowest of twenty requests waits for it to be cleared.
export RUBY_GC_HEAP_INIT_SLOTS=${RUBY_GC_HEAP_INIT_SLOTS:-1200000} RUBY_GC_MALLOC_LIMIT=${RUBY_GC_MALLOC_LIMIT:-134217728}
export RUBY_GC_MALLOC_LIMIT_MAX=${RUBY_GC_MALLOC_LIMIT_MAX:-268435456} RUBY_GC_OLDMALLOC_LIMIT=${RUBY_GC_OLDMALLOC_LIMIT:-268435456}
# As many processes as there are processors, four at the most; with one, one that does it all.
cores=$(nproc 2>/dev/null || echo 1)
[ "$cores" -le 4 ] || cores=4
export WEB_CONCURRENCY=${WEB_CONCURRENCY:-$cores}
