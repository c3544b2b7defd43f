#!/usr/bin/env bash
# The demo kitchen on a database of its own, for the browser tests and the pictures.
set -euo pipefail
export SECTUM_DEMO=true
export DB_DATABASE="$PWD/database/browser.sqlite"
rm -f "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm"
: > "$DB_DATABASE"
php artisan migrate --force --quiet
php artisan db:seed --force --quiet --class='Database\Seed\CatalogueSeeder'
php artisan db:seed --force --quiet --class='Database\Seed\DemoSeeder'
php artisan cache:clear --quiet
exec bin/serve "$SECTUM_TEST_PORT" 8427
