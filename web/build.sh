#!/bin/sh
# Installs the front end's packages when the lock file changed, then builds the screens.
set -eu
cd "$(dirname "$0")"
stamp=node_modules/.didaxis-stamp
now=$(cksum package-lock.json)
if [ ! -f "$stamp" ] || [ "$(cat "$stamp")" != "$now" ]; then
  npm ci --no-audit --no-fund
  printf '%s' "$now" > "$stamp"
fi
npm run build
