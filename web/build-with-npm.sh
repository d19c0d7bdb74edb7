#!/usr/bin/env bash
# Installs the locked packages when the lock file has changed since the last time, then builds the front end.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.installed-from
if [ ! -f "$stamp" ] || ! cmp -s package-lock.json "$stamp"; then
  npm ci --no-audit --no-fund
  cp package-lock.json "$stamp"
fi
npm run build
