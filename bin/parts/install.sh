# Brings in what is missing: Debian packages, PHP packages, front-end packages, the built front end. Sourced.

# changed STAMP WORD...: has anything changed since this stamp was set? WORDs are what it depends on.
changed() { local stamp=$1; shift; [ ! -f "$stamp" ] || [ "$(cat "$stamp")" != "$(printf '%s\n' "$@" | sha256sum)" ]; }
stamp() { local stamp=$1; shift; printf '%s\n' "$@" | sha256sum > "$stamp"; }
files_state() { find "$@" -type f -printf '%p %s %T@\n' 2>/dev/null | LC_ALL=C sort; }

# quietly WHAT COMMAND...: output goes to a log that is shown only when the command fails.
quietly() {
  local what=$1 log; shift
  log=$(mktemp)
  if ! "$@" > "$log" 2>&1; then tail -n 25 "$log" >&2; rm -f "$log"; fail "$what did not work; the lines above say why. Nothing was started."; fi
  rm -f "$log"
}

install_debian_packages() {
  local missing=() package
  while read -r package; do
    [ "$(dpkg-query -W -f='${db:Status-Status}' "$package" 2>/dev/null)" = installed ] || missing+=("$package")
  done < "$ROOT/bin/parts/debian-packages"
  [ ${#missing[@]} -gt 0 ] || return 0
  [ "$(id -u)" = 0 ] || fail "these Debian packages are missing: ${missing[*]}. Ask an administrator for: apt-get install ${missing[*]}"
  say "Installing ${#missing[@]} Debian packages ..."
  quietly "apt-get update" apt-get update -qq
  # Debian would start its own servers after installing them; ours are started by hand, on loopback.
  local policy=/usr/sbin/policy-rc.d mine=
  if [ ! -e $policy ]; then printf '#!/bin/sh\nexit 101\n' > $policy; chmod +x $policy; mine=1; fi
  DEBIAN_FRONTEND=noninteractive quietly "apt-get install" apt-get install -y -qq --no-install-recommends "${missing[@]}"
  [ -z "$mine" ] || rm -f $policy
}

install_php_packages() {
  local want; want=$(cat composer.json)
  if changed vendor/.installed-for "$want"; then
    say "Installing PHP packages ..."
    # Some of Symfony's components are to be had only within the whole; composer.json takes them from there.
    if [ ! -d var/symfony/src ]; then
      rm -rf var/symfony
      quietly "fetching Symfony" composer create-project symfony/symfony var/symfony 7.4.23 --no-install --no-scripts -n
    fi
    quietly "composer install" composer install -n --no-progress --no-scripts
    chmod -R a+rX vendor
    stamp vendor/.installed-for "$want"
  fi
  local classes; classes=$(files_state core/src src demo tests core/tests | cut -d' ' -f1; cat composer.json)
  if changed vendor/.classes-of "$classes"; then
    quietly "composer dump-autoload" composer dump-autoload -o -n --no-scripts
    stamp vendor/.classes-of "$classes"
  fi
}

install_web_packages() {
  local want; want=$(cat web/package.json web/package-lock.json)
  changed web/node_modules/.installed-for "$want" || return 0
  say "Installing front-end packages ..."
  (cd web && quietly "npm ci" npm ci --no-audit --no-fund)
  stamp web/node_modules/.installed-for "$want"
}

# The description of the API, and the front end's types from it.
generate_web_types() {
  mkdir -p "$TL_VAR"
  quietly "describing the API" bash bin/console api:describe "$TL_VAR/openapi.json"
  if [ ! -f web/src/api/generated.d.ts ] || changed "$TL_VAR/.types-of" "$(cat "$TL_VAR/openapi.json")"; then
    (cd web && quietly "generating types" npx openapi-typescript "$TL_VAR/openapi.json" --default-non-nullable=false -o src/api/generated.d.ts)
    stamp "$TL_VAR/.types-of" "$(cat "$TL_VAR/openapi.json")"
  fi
}

build_web() {
  local sources; sources=$(files_state web/src web/index.html web/vite.config.ts web/package-lock.json)
  if changed public/app/.built-from "$sources" || [ ! -f public/app/index.html ]; then
    say "Building the front end ..."
    generate_web_types
    (cd web && quietly "building the front end" npx vite build)
    sources=$(files_state web/src web/index.html web/vite.config.ts web/package-lock.json)
    stamp public/app/.built-from "$sources"
  fi
}

# The compiled application: made anew when any of its sources changed.
warm_up() {
  local sources; sources=$(files_state core/src src demo config composer.json; printf '%s' "$TL_RUN$TL_PORT$APP_ENV$(cat vendor/.installed-for)")
  changed "$TL_VAR/.warmed-for-$APP_ENV" "$sources" || return 1
  rm -rf "$TL_VAR/cache/$APP_ENV"
  quietly "compiling the application" bash bin/console cache:warmup
  stamp "$TL_VAR/.warmed-for-$APP_ENV" "$sources"
}
