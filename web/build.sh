#!/usr/bin/env bash
# Builds the interface, or lints and tests it, with the system's npm; skips the build where nothing under web/ changed.
set -euo pipefail
cd "$(dirname "$0")"
PATH="$PWD/node_modules/.bin:$PATH"

# npm ci refuses a lock that lacks other platforms' optional binaries; this installs what the lock names.
packages() {
  local want
  want=$(sha256sum package.json package-lock.json | sha256sum)
  if [ ! -d node_modules ] || [ "$(cat node_modules/.installed 2>/dev/null)" != "$want" ]; then
    npm install --no-save --no-audit --no-fund --loglevel=error
    echo "$want" > node_modules/.installed
  fi
}

sources() {
  # The page keeps the compiled core on the device by what is in it.
  find src public index.html vite.config.ts tsconfig.json package.json package-lock.json openapi.json size.mjs \
    ../browser/target/classes/static/core/core.js -type f -print0 2>/dev/null \
    | sort -z | xargs -0 sha256sum | sha256sum
}

case "$1" in
  build)
    if [ -f target/classes/static/index.html ] && [ "$(cat target/built 2>/dev/null)" = "$(sources)" ]; then
      echo "web: nothing changed since the last build"
      exit 0
    fi
    packages
    openapi-typescript openapi.json -o src/api/schema.d.ts > /dev/null
    vite build
    node size.mjs
    mkdir -p target && sources > target/built
    ;;
  test)
    packages
    biome check .
    # Side by side: what is checked of the types is kept for the next time.
    tsc --noEmit &
    types=$!
    tests=passed
    vitest run || tests=failed
    wait "$types"
    [ "$tests" = passed ]
    ;;
  *)
    echo "web/build.sh build|test" >&2
    exit 2
    ;;
esac
