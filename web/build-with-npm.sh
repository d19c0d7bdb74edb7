#!/usr/bin/env bash
# Installs the locked packages when the lock file has changed since the last time, then builds the front end if anything of it
# is newer than the last build.
set -euo pipefail
cd "$(dirname "$0")"
installed=node_modules/.installed-from
if [ ! -f "$installed" ] || ! cmp -s package-lock.json "$installed"; then
  npm ci --no-audit --no-fund
  cp package-lock.json "$installed"
fi
built=target/.built
if [ -f "$built" ] && [ -z "$(find src public index.html ./*.json ./*.ts ./*.mjs ../LICENSE -newer "$built" -not -name '*.test.ts' -not -path '*/testing/*' -print -quit)" ]; then
  echo "The front end is as it was built."
  exit 0
fi
npm run build
touch "$built"
