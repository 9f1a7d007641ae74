# Set-up shared by the commands in bin/: each step does nothing when there is nothing to do.
# Sourced, not run; expects ROOT to be the project's folder and the shell to be there.

# What is made here is its owner's alone: passwords, sessions, logs and what people upload.
umask 077

say() { printf '%s\n' "$*"; }
die() { printf 'Stopped: %s\n' "$*" >&2; exit 1; }

# The newest change below the given paths, as a line that differs when anything does.
fingerprint() { find "$@" -type f -printf '%p %T@ %s\n' 2>/dev/null | LC_ALL=C sort | sha256sum | cut -d' ' -f1; }

# once NAME FINGERPRINT COMMAND...: runs the command unless it last succeeded with the same fingerprint.
once() {
  local stamp="var/stamps/$1" print=$2
  shift 2
  [ "$(cat "$stamp" 2>/dev/null)" = "$print" ] && return 0
  "$@" || return 1
  mkdir -p var/stamps && printf '%s' "$print" > "$stamp"
}

# Debian packages: "package:proof" pairs, where the proof is a file, a command or php:EXTENSION.
RUN_PACKAGES="postgresql-15:/usr/lib/postgresql/15/bin/initdb postgresql-contrib:/usr/share/postgresql/15/extension/pg_trgm.control
  php8.2-pgsql:php:pdo_pgsql php8.2-intl:php:intl php8.2-mbstring:php:mbstring php8.2-xml:php:dom php8.2-opcache:php:Zend.OPcache
  php8.2-gd:php:gd php8.2-zip:php:zip
  nginx-light:/usr/sbin/nginx php8.2-fpm:/usr/sbin/php-fpm8.2 supervisor:/usr/bin/supervisord procps:/usr/bin/pkill"
TEST_PACKAGES="poppler-utils:/usr/bin/pdftocairo chromium-headless-shell:/usr/bin/chromium-headless-shell python3-dateutil:/usr/lib/python3/dist-packages/dateutil/__init__.py"

missing_packages() {
  local modules pair package proof
  modules=$(php -m)
  for pair in "$@"; do
    package=${pair%%:*} proof=${pair#*:}
    case "$proof" in
      php:*) grep -qix "$(printf '%s' "${proof#php:}" | tr . ' ')" <<<"$modules" || printf '%s ' "$package" ;;
      *) [ -e "$proof" ] || printf '%s ' "$package" ;;
    esac
  done
}

install_packages() {
  local missing line
  command -v php >/dev/null || die "PHP 8.2 is missing. Type: apt-get install php8.2-cli"
  for tool in composer node npm; do
    command -v "$tool" >/dev/null || die "$tool is missing; README says which versions are needed."
  done
  missing=$(missing_packages "$@")
  [ -z "$missing" ] && return 0
  line="apt-get install -y --no-install-recommends --no-upgrade ${missing% }"
  [ "$(id -u)" = 0 ] || die "Debian packages are missing. Type as root, then start again:
  $line"
  say "Installing Debian packages: ${missing% }"
  mkdir -p var
  # $line is split into words on purpose.
  { apt-get update && DEBIAN_FRONTEND=noninteractive $line; } > var/apt.log 2>&1 \
    || die "apt-get failed (is there a network?); its words are in var/apt.log. The line was:
  $line"
}

composer_install() {
  say "Installing PHP packages"
  COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --prefer-dist > var/composer.log 2>&1 \
    || die "Composer failed (is there a network?); its words are in var/composer.log"
  # Some mirrors hand packages out readable by their owner only.
  chmod -R a+rX vendor
}

npm_install() {
  say "Installing JavaScript packages"
  npm ci --ignore-scripts > var/npm.log 2>&1 || die "npm failed (is there a network?); its words are in var/npm.log"
}

build_assets() {
  say "Building styles and scripts"
  npm run --silent build > var/build.log 2>&1 || { tail -n 20 var/build.log >&2; die "the build failed; see var/build.log"; }
}

# Everything but the database; safe to run twice at once.
set_up() {
  mkdir -p var/run storage/framework/{cache/data,sessions,views} storage/logs bootstrap/cache
  chmod -R go= bootstrap/cache storage/framework storage/logs
  chmod go= var
  exec 9> var/setup.lock
  flock 9
  install_packages "$@"
  [ -f vendor/autoload.php ] || rm -f var/stamps/composer
  [ -d node_modules/vite ] || rm -f var/stamps/npm
  [ -f public/build/manifest.json ] || rm -f var/stamps/assets
  once composer "$(fingerprint composer.json core/composer.json)" composer_install
  once npm "$(fingerprint package.json package-lock.json .npmrc)" npm_install
  once assets "$(fingerprint package-lock.json vite.config.js resources/js resources/scss)" build_assets
  [ -f .env ] || php bin/lib/make-env.php
  exec 9>&-
}

# as_owner CLUSTER ARTISAN_ARGUMENT...: with the role that owns the database, which the application itself never is.
as_owner() {
  local cluster=$1 name=${DB_DATABASE:-shadow}
  shift
  DB_OWNER_PASSWORD=$(cat "$cluster/${name}_owner.password") artisan "$@" --database=owner
}

artisan() {
  php artisan "$@" --no-interaction > var/artisan.log 2>&1 || { tail -n 15 var/artisan.log >&2; die "php artisan $* failed"; }
}

port_is_free() { php -r '$s = @stream_socket_server("tcp://127.0.0.1:" . $argv[1]); exit($s ? 0 : 1);' "$1"; }

# The first free port from the given one upwards.
free_port() {
  local port=$1
  until port_is_free "$port"; do port=$((port + 1)); done
  printf '%s' "$port"
}

# runs_as PID TEXT: whether that process lives and has TEXT in its command line. The number in a stale file may be nobody's,
# a zombie's or another program's by now.
runs_as() { { tr '\0' ' ' < "/proc/$1/cmdline"; } 2>/dev/null | grep -qF -- "$2"; }

# Waits until the pages answer, with the database, a worker and the disk behind them.
wait_for_page() {
  php -r '
    for ($i = 0; $i < 100; ++$i) {
      $page = @file_get_contents($argv[1], false, stream_context_create(["http" => ["timeout" => 3]]));
      if ($page !== false) { exit(0); }
      usleep(100000);
    }
    exit(1);' "http://127.0.0.1:$1/up"
}
