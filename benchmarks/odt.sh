#!/bin/sh
# Opens a paper and its memo of the running demo in LibreOffice (Debian: libreoffice-writer-nogui) and looks for the
# questions, numbers and marks of their plain text in what it reads. Not a part of the tests: it needs half a gigabyte.
set -eu
base=${1:-http://localhost:8080}
paper=${2:-1}
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
jar="$work/cookies"
curl -s -c "$jar" -b "$jar" "$base/api/session" >/dev/null
token=$(awk '/XSRF-TOKEN/ { print $7 }' "$jar")
curl -s -c "$jar" -b "$jar" -H "X-XSRF-TOKEN: $token" -H 'Content-Type: application/json' \
  -d '{"username":"teacher","password":"didaxis-demo"}' "$base/api/session" >/dev/null
for what in paper memo; do
  curl -sf -b "$jar" -o "$work/$what.odt" "$base/api/papers/$paper/$what.odt"
  curl -sf -b "$jar" -o "$work/$what.own" "$base/api/papers/$paper/$what.txt"
  soffice --headless --convert-to txt:Text --outdir "$work" "$work/$what.odt" >/dev/null 2>&1
  # Every word of the prompts, numbers and marks, in order; lines to write on and drawings are left out.
  words() { grep -v '^_*$\|^\[\|^Given: .*resistance of' "$1" | tr -d '^\357\273\277' | tr -s ' \t\n\342\200\211' '\n' | grep -av '^$'; }
  words "$work/$what.own" >"$work/own.words"
  words "$work/$what.txt" >"$work/read.words"
  lost=$(diff "$work/own.words" "$work/read.words" | grep -ac '^<' || true)
  total=$(wc -l <"$work/own.words")
  echo "$what: $lost of $total words are not read back in their place"
done
