#!/usr/bin/env bash
# The demo kitchen of today, seeded once for this day and this code; prints the file it lies in. Its day ends at four.
set -euo pipefail
cd "$(dirname "$0")/../.."
key=$(date -d '4 hours ago' +%F)-$(find app core/src database/Seed database/catalogue database/migrations -type f | sort | xargs cat | sha1sum | cut -c1-12)
file="$PWD/database/seeded-$key.sqlite"
# Two kitchens may ask at once: one seeds, the other waits.
exec 9>storage/framework/seed.lock
flock 9
if [ ! -f "$file" ]; then
  rm -f database/seeded-*.sqlite*
  begun="$file.begun"
  bin/seed "$begun"
  php -r '(new PDO("sqlite:$argv[1]"))->query("pragma wal_checkpoint(truncate)")->fetchAll();' "$begun"
  mv "$begun" "$file"
fi
echo "$file"
