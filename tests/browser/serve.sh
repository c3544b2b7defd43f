#!/usr/bin/env bash
# The demo kitchen on a database of its own, for the browser tests and the pictures.
set -euo pipefail
seeded=$(tests/browser/seed.sh | tail -1)
export SECTUM_DEMO=true
# A walk need not wait for a scale as long as a cook does.
export SECTUM_PACE=3
export DB_DATABASE="$PWD/database/browser-$SECTUM_TEST_PORT.sqlite"
rm -f "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm"
cp "$seeded" "$DB_DATABASE"
rm -rf storage/framework/cache/data/*
export SECTUM_INSTALLED=1 SECTUM_SEEDED=1
exec bin/serve "$SECTUM_TEST_PORT" "$((SECTUM_TEST_PORT + 1))"
