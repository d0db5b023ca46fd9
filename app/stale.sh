#!/usr/bin/env bash
# Takes a packaged jar away that is older than what goes into it.
set -euo pipefail
cd "$(dirname "$0")"

jar=target/morphotera.jar
if [ -f "$jar" ] && [ -n "$(find ../core/target ../browser/target ../web/target -maxdepth 1 -name '*.jar' -newer "$jar")" ]; then
  rm "$jar"
fi
