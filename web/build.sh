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
# What pages are printed in: the screens' own typeface, as the printer wants it.
mkdir -p target/classes/print-fonts
for face in 400Regular/IBMPlexSans_400Regular 400Regular_Italic/IBMPlexSans_400Regular_Italic 600SemiBold/IBMPlexSans_600SemiBold; do
  cp "node_modules/@expo-google-fonts/ibm-plex-sans/$face.ttf" target/classes/print-fonts/
done
