# Starts and stops the servers of one instance: MariaDB, PHP-FPM, nginx and the worker, all on loopback. Sourced.

alive() { [ -r "$1" ] && kill -0 "$(cat "$1")" 2>/dev/null; }

# The pid in a file may belong to somebody else's process by now; a keeper of ours carries the run directory in its command line.
kept() { alive "$TL_RUN/$1.keeper" && tr '\0' ' ' < "/proc/$(cat "$TL_RUN/$1.keeper")/cmdline" 2>/dev/null | grep -qF "bin/parts/keep $1 $TL_RUN "; }

keep() {
  local name=$1; shift
  kept "$name" && return 0
  setsid bash "$ROOT/bin/parts/keep" "$name" "$TL_RUN" "$@" </dev/null >>"$TL_VAR/log/$name.log" 2>&1 &
  echo $! > "$TL_RUN/$name.keeper"
  disown
}

release() {
  local name=$1 pid
  if kept "$name"; then
    pid=$(cat "$TL_RUN/$name.keeper")
    kill -TERM "$pid"
    for _ in $(seq 300); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    if kill -0 "$pid" 2>/dev/null; then fail "$name (process $pid) did not stop within 30 seconds. Look into $TL_VAR/log/$name.log."; fi
  fi
  rm -f "$TL_RUN/$name.keeper" "$TL_RUN/$name.pid"
}

port_is_free() { php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' "$1"; }
require_port() { kept "$1" || port_is_free "$2" || fail "port $2 is in use by another program. Give another with $3=..., or stop that program."; }

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }

prepare_var() {
  mkdir -p "$TL_VAR" 2>/dev/null && [ -w "$TL_VAR" ] || fail "no right to write in $TL_VAR. Give another directory with TL_VAR=..., or ask for the right."
  local free; free=$(df -Pk "$TL_VAR" | awk 'NR == 2 { print $4 }')
  [ "$free" -ge 900000 ] || fail "only $((free / 1024)) MB are free where $TL_VAR is; 900 MB are needed. Make room, or give another directory with TL_VAR=..."
  mkdir -p "$TL_VAR"/{log,tmp,cache} "$TL_RUN" 2>/dev/null || fail "no right to write in $TL_VAR. Give another directory with TL_VAR=..."
  chmod 700 "$TL_RUN"
  if [ ! -f "$TL_VAR/secrets" ]; then
    (umask 077; printf 'TL_DB_PASSWORD=%s\nAPP_SECRET=%s\n' "$(head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9')" "$(head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9')" > "$TL_VAR/secrets.new")
    mv "$TL_VAR/secrets.new" "$TL_VAR/secrets"
  fi
  . "$ROOT/bin/parts/settings.sh"
}

# The database may keep an eighth of the machine's memory, in MB; with less, the pages of a large file are written out over and over.
database_memory() { awk '/^MemTotal:/ { mb = int($2 / 8192); print (mb < 256 ? 256 : (mb > 8192 ? 8192 : mb)) }' /proc/meminfo; }

as_root_flags() { [ "$(id -u)" != 0 ] || printf '%s' "$1"; }
fill_in() { sed -e "s|@ROOT@|$ROOT|g" -e "s|@VAR@|$TL_VAR|g" -e "s|@RUN@|$TL_RUN|g" -e "s|@PORT@|$TL_PORT|g" -e "s|@STANDIN_PORT@|$TL_STANDIN_PORT|g" -e "s|@PRELOAD_USER@|$(as_root_flags opcache.preload_user=root)|" \
  -e "s|@NGINX_USER@|$(as_root_flags 'user root;')|" -e "s|@DB_MEMORY@|$(database_memory)|" -e "s|@FLOOR@|${TL_FLOOR:-}|" "$ROOT/config/servers/$1" > "$TL_RUN/$1"; }

start_mariadb() {
  local data=$TL_VAR/mariadb
  if [ ! -d "$data/mysql" ]; then
    rm -rf "$data" "$data.new"
    mariadb-install-db --no-defaults --datadir="$data.new" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" \
      --skip-test-db $(as_root_flags --user=root) > "$TL_VAR/log/mariadb-install.log" 2>&1 || fail "the database could not be set up; $TL_VAR/log/mariadb-install.log says why."
    mv "$data.new" "$data"
  fi
  fill_in mariadb.cnf
  keep mariadb mariadbd --defaults-file="$TL_RUN/mariadb.cnf" --datadir="$data" --socket="$TL_RUN/mariadb.sock" --port="$TL_DB_PORT" \
    --bind-address=127.0.0.1 --pid-file="$TL_RUN/mariadb.pid" $(as_root_flags --user=root)
  wait_for "the database" mariadb "mariadb-admin --no-defaults --socket=$TL_RUN/mariadb.sock -u $(id -un) --silent ping"
  mariadb --no-defaults --socket="$TL_RUN/mariadb.sock" -u "$(id -un)" <<SQL || fail "the database does not let $(id -un) in. Was $TL_VAR made by another user?"
    CREATE DATABASE IF NOT EXISTS \`$TL_DB_NAME\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_520_ci;
    CREATE USER IF NOT EXISTS tinlantern@localhost IDENTIFIED BY '$TL_DB_PASSWORD';
    GRANT ALL ON \`$TL_DB_NAME\`.* TO tinlantern@localhost;
SQL
}

start_search() {
  if [ "$TL_SEARCH" != sphinx ]; then release search; return 0; fi
  mkdir -p "$TL_VAR/search"
  fill_in search.conf
  kept search || rm -f "$TL_RUN/search.sock"
  keep search searchd --nodetach --config "$TL_RUN/search.conf"
  wait_for "the search engine" search "test -S $TL_RUN/search.sock"
}

start_web() {
  fill_in php.ini; fill_in php-fpm.conf; fill_in fastcgi_params; fill_in nginx.conf
  kept fpm || rm -f "$TL_RUN/fpm.sock"
  keep fpm php-fpm8.2 -n -c "$TL_RUN/php.ini" -y "$TL_RUN/php-fpm.conf" -F $(as_root_flags -R)
  wait_for "PHP" fpm "test -S $TL_RUN/fpm.sock"
  keep nginx nginx -e "$TL_VAR/log/nginx-error.log" -c "$TL_RUN/nginx.conf" -p "$TL_VAR/"
  wait_for "the web server" nginx "php -r exit(@fsockopen('127.0.0.1',$TL_PORT)?0:1);"
}

start_worker() { keep worker php -d memory_limit=512M "$ROOT/config/console.php" messenger:consume tasks scheduler_upkeep --sleep=0.5 --time-limit=3600 --quiet; }

wait_for() {
  local what=$1 name=$2 probe=$3
  for _ in $(seq 300); do
    if $probe >/dev/null 2>&1; then return 0; fi
    kept "$name" || break
    sleep 0.1
  done
  tail -n 5 "$TL_VAR/log/$name.log" >&2 || true
  stop_servers
  fail "$what did not start; $TL_VAR/log/$name.log says why. Nothing was left running."
}

stop_servers() { local name; for name in nginx worker fpm search mariadb; do release "$name"; done; }
