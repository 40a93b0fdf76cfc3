# What every script needs to know: where things are, and how to say what went wrong. Sourced, never run.
set -euo pipefail

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$ROOT"
PATH=$PATH:/usr/sbin:/usr/local/sbin:/sbin

say() { printf '%s\n' "$*"; }
fail() { printf 'Tin Lantern: %s\n' "$*" >&2; exit 1; }

is_port() { [[ $1 =~ ^[0-9]{1,5}$ ]] && [ "$1" -ge 1 ] && [ "$1" -le 65535 ]; }

TL_PORT=${TL_PORT:-8080}
is_port "$TL_PORT" || fail "TL_PORT is \"$TL_PORT\". Give a port from 1 to 65535."
TL_DB_PORT=${TL_DB_PORT:-$(( TL_PORT > 55535 ? TL_PORT - 10000 : TL_PORT + 10000 ))}
is_port "$TL_DB_PORT" || fail "TL_DB_PORT is \"$TL_DB_PORT\". Give a port from 1 to 65535."
[ "$TL_PORT" != "$TL_DB_PORT" ] || fail "TL_PORT and TL_DB_PORT are both $TL_PORT. Give them different ports."
TL_STANDIN_PORT=${TL_STANDIN_PORT:-$(( TL_PORT > 45535 ? TL_PORT - 20000 : TL_PORT + 20000 ))}
is_port "$TL_STANDIN_PORT" || fail "TL_STANDIN_PORT is \"$TL_STANDIN_PORT\". Give a port from 1 to 65535."
TL_VAR=${TL_VAR:-var}
case $TL_VAR in /*) ;; *) TL_VAR=$ROOT/$TL_VAR ;; esac
TL_ZONE=${TL_ZONE:-UTC}

# A socket's path has room for 107 bytes; a data directory deep down gets its run directory in /tmp.
TL_RUN=$TL_VAR/run
[ ${#TL_RUN} -le 90 ] || TL_RUN=/tmp/tin-lantern-$(id -u)-$(printf %s "$TL_VAR" | sha256sum | cut -c1-12)

# The catalogue's words are looked up in the database, or in an outside engine; bin/start keeps what was chosen.
TL_SEARCH=${TL_SEARCH:-$(cat "$TL_VAR/search-engine" 2>/dev/null || echo database)}
case $TL_SEARCH in
  database) TL_SEARCH_DSN= ;;
  sphinx) TL_SEARCH_DSN="mysql:unix_socket=$TL_RUN/search.sock" ;;
  *) fail "TL_SEARCH is \"$TL_SEARCH\". Give database or sphinx." ;;
esac

APP_ENV=${APP_ENV:-prod}
TL_DB_NAME=${TL_DB_NAME:-tinlantern}
export ROOT TL_PORT TL_DB_PORT TL_STANDIN_PORT TL_VAR TL_RUN TL_ZONE TL_SEARCH TL_SEARCH_DSN APP_ENV TL_DB_NAME

# The secrets of this instance, made at its first start.
if [ -r "$TL_VAR/secrets" ]; then . "$TL_VAR/secrets"; export TL_DB_PASSWORD APP_SECRET; fi
export DATABASE_URL="mysql://tinlantern:${TL_DB_PASSWORD:-}@localhost/$TL_DB_NAME?unix_socket=$TL_RUN/mariadb.sock&charset=utf8mb4&serverVersion=10.11.6-MariaDB"
