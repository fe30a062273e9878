# Shared by the commands in this folder. Everything they run lives below var/ and is stopped by what started it.
# shellcheck shell=bash
set -euo pipefail

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"

say() { printf '%s\n' "$*"; }
fail() { printf '\n%s\n' "$*" >&2; exit 1; }

# --- settings -----------------------------------------------------------------------------------

make_settings() {
    [ -f .env ] || cp .env.example .env
    local name
    for name in APP_KEY DB_PASSWORD; do
        if grep -q "^$name=\$" .env; then
            local value
            value=$(head -c 32 /dev/urandom | base64 | tr -d '\n')
            if [ "$name" = APP_KEY ]; then value="base64:$value"; else value=$(printf '%s' "$value" | tr -dc 'A-Za-z0-9'); fi
            sed -i "s|^$name=\$|$name=$value|" .env
        fi
    done
    chmod 600 .env
}

# The environment wins over .env, so that a setting can be given for one run.
setting() { # name default
    local from_file
    from_file=$(grep -E "^$1=" .env .env.example 2>/dev/null | head -1 | cut -d: -f2- | cut -d= -f2-)
    from_file=${from_file#\"}
    from_file=${from_file%\"}
    printf '%s' "${!1:-${from_file:-$2}}"
}

# --- what must be there -------------------------------------------------------------------------

PACKAGES="php8.2-mysql php8.2-gd php8.2-curl php8.2-zip php8.2-bcmath php8.2-intl php8.2-xml php8.2-mbstring php8.2-fpm nginx libnginx-mod-http-brotli-static mariadb-server librsvg2-bin qrencode"
TEST_PACKAGES="chromium chromium-driver fonts-dejavu-core"

missing_packages() { # packages…
    local package
    for package in "$@"; do
        dpkg-query -W -f='${db:Status-Status}\n' "$package" 2>/dev/null | grep -q '^installed$' || printf '%s ' "$package"
    done
}

install_packages() { # packages…
    local missing
    missing=$(missing_packages "$@")
    [ -z "$missing" ] && return 0
    command -v apt-get >/dev/null || fail "These Debian packages are needed and apt-get is not here to install them: $missing"
    [ "$(id -u)" = 0 ] || fail "These Debian packages are missing: $missing
Install them as root (apt-get install $missing) and run the command again."
    say "Installing: $missing"
    mkdir -p var/log
    apt-get update -qq >var/log/apt.log 2>&1 || true
    # A policy that refuses starts keeps the packages from starting services of their own.
    DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get install -y -qq --no-install-recommends $missing >>var/log/apt.log 2>&1 \
        || fail "Installing failed; var/log/apt.log says why."
}

stamp_is_current() { # stamp files…
    local stamp=$1; shift
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$(cat "$@" | sha256sum)" ]
}

write_stamp() { local stamp=$1; shift; mkdir -p "$(dirname "$stamp")"; cat "$@" | sha256sum >"$stamp"; }

install_php_libraries() {
    if [ ! -d vendor ] || ! stamp_is_current var/stamp/composer composer.json; then
        say "Installing the PHP libraries"
        mkdir -p var/log
        COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress >var/log/composer.log 2>&1 \
            || fail "Composer failed; var/log/composer.log says why."
        write_stamp var/stamp/composer composer.json
    fi
}

install_node_libraries() {
    if [ ! -d node_modules ] || ! stamp_is_current var/stamp/npm package.json package-lock.json; then
        say "Installing the libraries of the front end"
        mkdir -p var/log
        npm ci --no-audit --no-fund >var/log/npm.log 2>&1 || fail "npm failed; var/log/npm.log says why."
        write_stamp var/stamp/npm package.json package-lock.json
    fi
}

front_end_sources() {
    {
        find resources/js resources/css -type f ! -name '*.test.ts*' ! -path '*/testing/*'
        find docs/screenshots -name '*.png'
        printf '%s\n' vite.config.ts package-lock.json bin/compress.mjs bin/components.mjs
    } | LC_ALL=C sort
}

build_front_end() {
    local sources
    mapfile -t sources < <(front_end_sources)
    if [ ! -f public/build/manifest.json ] || ! stamp_is_current var/stamp/build "${sources[@]}"; then
        say "Building the front end"
        mkdir -p var/log
        npm run --silent build >var/log/build.log 2>&1 || fail "The build failed; var/log/build.log says why."
        write_stamp var/stamp/build "${sources[@]}"
    fi
}

# Where the application writes, beside its own folder.
storage_folders() { mkdir -p "$1/framework/"{cache/data,sessions,views} "$1/logs"; } # storage

# --- processes ----------------------------------------------------------------------------------

is_running() { [ -f "$1" ] && kill -0 "$(cat "$1")" 2>/dev/null; }

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

require_free_port() { # port setting
    port_is_taken "$1" && fail "Port $1 is in use by another program. Set $2 in .env to a free port and run the command again."
    return 0
}

await() { # seconds command…
    local deadline=$(( $(date +%s) + $1 )); shift
    until "$@" >/dev/null 2>&1; do
        [ "$(date +%s)" -ge "$deadline" ] && return 1
        sleep 0.1
    done
}

await_gone() { # pid-file
    local pid
    pid=$(cat "$1" 2>/dev/null || true)
    [ -n "$pid" ] && await 20 sh -c "! kill -0 $pid 2>/dev/null"
    rm -f "$1"
}

# --- database: an own data folder and socket below the given place --------------------------------

# Whoever runs these commands owns the database, known by the operating system and not by a password.
database_root() { mariadb --no-defaults --socket="$PLACE/run/db.sock" --user="$(id -un)" "$@"; }

# A folder that nobody else reads: it holds the database, its socket, keys and secrets.
private_folder() { mkdir -p "$@"; chmod 700 "$@"; }

# Of a database that an earlier version made, too: no account without a password or the word of the operating
# system, none without a name, none of the superuser from elsewhere.
harden_database() {
    local me sql
    me=$(id -un)
    sql="CREATE USER IF NOT EXISTS '$me'@'localhost' IDENTIFIED VIA unix_socket;
        ALTER USER '$me'@'localhost' IDENTIFIED VIA unix_socket;
        GRANT ALL ON *.* TO '$me'@'localhost' WITH GRANT OPTION;"
    database_root -e "$sql" 2>/dev/null || mariadb --no-defaults --socket="$PLACE/run/db.sock" --user=root -e "$sql"
    database_root -N -e "SELECT CONCAT('DROP USER ', QUOTE(User), '@', QUOTE(Host), ';') FROM mysql.global_priv
        WHERE User = '' OR (User = 'root' AND (Host <> 'localhost' OR '$me' <> 'root'))" | database_root
    database_root -e 'DROP DATABASE IF EXISTS test'
}

start_database() { # place port setting
    PLACE=$ROOT/$1
    private_folder "$PLACE" "$PLACE/run" "$PLACE/log"
    local pid_file="$PLACE/run/db.pid"
    if is_running "$pid_file" && await 30 database_answers; then harden_database; return 0; fi
    require_free_port "$2" "$3"
    local as=()
    [ "$(id -u)" = 0 ] && as=(--user="$(id -un)")
    if [ ! -d "$PLACE/db/mysql" ]; then
        say "Making the database"
        private_folder "$PLACE/db"
        mariadb-install-db --no-defaults --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db --datadir="$PLACE/db" "${as[@]}" >"$PLACE/log/db-install.log" 2>&1 \
            || fail "The database could not be made; $PLACE/log/db-install.log says why."
    fi
    setsid mariadbd "${DATABASE_DEFAULTS:---no-defaults}" "${as[@]}" --datadir="$PLACE/db" --socket="$PLACE/run/db.sock" --pid-file="$PLACE/run/db.pid" \
        --bind-address=127.0.0.1 --port="$2" --skip-log-bin --performance-schema=OFF ${DATABASE_MEMORY---innodb-buffer-pool-size=256M} \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_bin ${DATABASE_OPTIONS[@]+"${DATABASE_OPTIONS[@]}"} >"$PLACE/log/db.log" 2>&1 </dev/null &
    disown "$!"
    await 60 database_answers || fail "The database does not answer; $PLACE/log/db.log says why."
    chmod 700 "$PLACE/db"
    harden_database
}

# Answers whoever asks, also with the accounts of an earlier version.
database_answers() { mariadb-admin --no-defaults --socket="$PLACE/run/db.sock" --user=nobody ping; }

random_password() { head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9'; }

# Two accounts: the application's reads and writes rows; the owner's makes tables and triggers, and is used
# for migrations only. What the owner is called stands in a file beside the database that nobody else reads.
grant_database() { # name user password
    local owner_file="$PLACE/run/owner.$2"
    [ -s "$owner_file" ] || (umask 077; random_password >"$owner_file")
    OWNER_USERNAME=$2_owner
    OWNER_PASSWORD=$(cat "$owner_file")
    database_root -e "CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;
        CREATE USER IF NOT EXISTS '$2'@'127.0.0.1' IDENTIFIED BY '$3';
        ALTER USER '$2'@'127.0.0.1' IDENTIFIED BY '$3';
        CREATE USER IF NOT EXISTS '$OWNER_USERNAME'@'127.0.0.1' IDENTIFIED BY '$OWNER_PASSWORD';
        ALTER USER '$OWNER_USERNAME'@'127.0.0.1' IDENTIFIED BY '$OWNER_PASSWORD';
        GRANT ALL ON \`$1%\`.* TO '$OWNER_USERNAME'@'127.0.0.1';
        GRANT ALL ON \`$1%\`.* TO '$2'@'127.0.0.1';
        REVOKE ALL ON \`$1%\`.* FROM '$2'@'127.0.0.1';
        GRANT SELECT, INSERT, UPDATE, DELETE, EXECUTE ON \`$1%\`.* TO '$2'@'127.0.0.1';"
}

# Brings the tables to the state of this version, as their owner and whatever is cached.
migrate_database() {
    DB_USERNAME=$OWNER_USERNAME DB_PASSWORD=$OWNER_PASSWORD APP_CONFIG_CACHE="$PLACE/run/no-config.php" php artisan migrate --force --quiet
}

tables_are_current() { php artisan tables:current >"$PLACE/log/tables.log" 2>&1; }

# Tables of this version, what records are signed with, and the demo where there is no studio yet.
prepare_database() {
    migrate_database
    php artisan records:prepare
    php artisan demo:load
}

stop_database() { # place
    PLACE=$ROOT/$1
    is_running "$PLACE/run/db.pid" || return 0
    local pid
    pid=$(cat "$PLACE/run/db.pid")
    mariadb-admin --no-defaults --socket="$PLACE/run/db.sock" --user="$(id -un)" shutdown >/dev/null 2>&1 || kill -TERM "$pid" 2>/dev/null || true
    await 30 sh -c "! kill -0 $pid 2>/dev/null" || kill -KILL "$pid" 2>/dev/null || true
    rm -f "$PLACE/run/db.pid"
}

# Five of each at the most; a log that grew past two megabytes begins anew.
rotate_logs() { # folder
    local log i
    for log in "$1"/*.log; do
        [ -f "$log" ] && [ "$(stat -c %s "$log")" -gt 2097152 ] || continue
        for i in 4 3 2 1; do [ -f "$log.$i" ] && mv "$log.$i" "$log.$((i + 1))"; done
        cp "$log" "$log.1" && : >"$log"
    done
    return 0
}

# --- web server: php-fpm behind nginx ---------------------------------------------------------------

worker_pool() { # place name workers nice [NAME=value …]
    local place=$1 name=$2 workers=$3 nice=$4 pair; shift 4
    printf '[%s]\n' "$name"
    # Only the superuser's workers can be told to stand back.
    [ "$(id -u)" = 0 ] && printf 'user = %s\ngroup = %s\nprocess.priority = %s\n' "$(id -un)" "$(id -gn)" "$nice"
    printf 'listen = %s/run/%s.sock\nlisten.mode = 0600\npm = static\npm.max_children = %s\npm.max_requests = 2000\nrequest_terminate_timeout = 60s\n' "$place" "$name" "$workers"
    printf 'catch_workers_output = yes\nclear_env = yes\n'
    printf 'php_admin_value[memory_limit] = 256M\nphp_admin_value[upload_max_filesize] = 8M\nphp_admin_value[post_max_size] = 9M\n'
    printf 'php_admin_value[opcache.enable] = 1\nphp_admin_value[opcache.revalidate_freq] = 0\nphp_admin_value[expose_php] = 0\nphp_admin_value[zend.exception_ignore_args] = 1\n'
    printf 'env[PATH] = %s\n' "$PATH"
    for pair in "$@"; do printf 'env[%s] = "%s"\n' "${pair%%=*}" "${pair#*=}"; done
}

start_web() { # place host port setting [NAME=value …] as environment of the application
    local place=$ROOT/$1 host=$2 port=$3 setting=$4; shift 4
    private_folder "$place" "$place/run" "$place/log" "$place/tmp"
    rotate_logs "$place/log"
    if is_running "$place/run/nginx.pid" && is_running "$place/run/fpm.pid"; then return 0; fi
    stop_web "${place#"$ROOT"/}"
    require_free_port "$port" "$setting"
    local user group
    user=$(id -un); group=$(id -gn)
    {
        printf '[global]\npid = %s/run/fpm.pid\nerror_log = %s/log/fpm.log\ndaemonize = yes\n' "$place" "$place"
        worker_pool "$place" light 4 0 "$@"
        # What takes seconds has workers of its own, so that it never holds what does not.
        worker_pool "$place" heavy 2 5 "$@"
    } >"$place/run/fpm.conf"
    {
        [ "$(id -u)" = 0 ] && printf 'user %s %s;\n' "$user" "$group"
        sed -e "s|@PLACE@|$place|g" -e "s|@ROOT@|$ROOT|g" -e "s|@STORAGE@|${LARAVEL_STORAGE_PATH:-$ROOT/storage}|g" -e "s|@HOST@|$host|g" -e "s|@PORT@|$port|g" -e "s|@NAMES@|$host $(setting ORDOTYPE_NAMES '127.0.0.1 localhost')|g" bin/nginx.conf
    } >"$place/run/nginx.conf"
    local root_flag=()
    [ "$(id -u)" = 0 ] && root_flag=(-R)
    php-fpm8.2 "${root_flag[@]}" -y "$place/run/fpm.conf" >>"$place/log/fpm.log" 2>&1 || fail "php-fpm does not start; $place/log/fpm.log says why."
    nginx -c "$place/run/nginx.conf" -e "$place/log/nginx.log" >>"$place/log/nginx.log" 2>&1 || fail "nginx does not start; $place/log/nginx.log says why."
    await 20 port_is_taken "$port" || fail "The web server does not answer; $place/log says why."
}

stop_web() { # place
    local place=$ROOT/$1 name
    for name in nginx fpm; do
        if is_running "$place/run/$name.pid"; then
            kill -QUIT "$(cat "$place/run/$name.pid")" 2>/dev/null || true
            await_gone "$place/run/$name.pid"
        fi
        rm -f "$place/run/$name.pid"
    done
    rm -f "$place/run/light.sock" "$place/run/heavy.sock" "$place/run/fpm.sock"
}

# --- what is done by the clock --------------------------------------------------------------------------

start_scheduler() { # place [NAME=value …] as environment of the application
    local place=$ROOT/$1; shift
    is_running "$place/run/scheduler.pid" && return 0
    start_session "$place/run/scheduler.pid" "$place/log/scheduler.log" env "$@" php artisan schedule:work
}

stop_scheduler() { stop_session "$ROOT/$1/run/scheduler.pid"; } # place

group_is_gone() { ! kill -0 -- "-$1" 2>/dev/null; } # leader

# What goes on after this, as the leader of a session of its own.
start_session() { # pid-file log command…
    local pid_file=$1 log=$2; shift 2
    setsid "$@" >"$log" 2>&1 </dev/null &
    printf '%s\n' "$!" >"$pid_file"
    disown "$!"
}

# Who leads a session of its own, with what it started. What it is at is ended first, for some seconds.
stop_session() { # pid-file
    local pid
    if is_running "$1"; then
        pid=$(cat "$1")
        kill -TERM -- "-$pid" 2>/dev/null || true
        await 20 group_is_gone "$pid" || kill -KILL -- "-$pid" 2>/dev/null || true
    fi
    rm -f "$1"
}

# --- what takes its time: a worker of the queue -----------------------------------------------------------

# It begins anew after an hour, and after whatever ended it, until it is told to stop.
start_worker() { # place [NAME=value …] as environment of the application
    local place=$ROOT/$1; shift
    # One that runs may be of an earlier version: it begins anew when it has ended what it is at.
    if is_running "$place/run/worker.pid"; then env "$@" php artisan queue:restart --quiet; return 0; fi
    start_session "$place/run/worker.pid" "$place/log/worker.log" env "$@" nice -n 5 bash -c 'trap "exit 0" TERM
        while :; do
            php artisan queue:work --queue=default,ahead --sleep=0.15 --timeout=600 --memory=400 --max-time=3600 & wait "$!"
            sleep 1 & wait "$!"
        done'
}

# What it could not end is begun anew by the next.
stop_worker() { stop_session "$ROOT/$1/run/worker.pid"; } # place

stop_instance() { # place
    stop_worker "$1"
    stop_web "$1"
    stop_database "$1"
}

# --- an instance of its own, with the demo, below var/NAME; stopped when the command ends -------------

start_own_instance() { # name
    local name=$1 port db_port password
    port=$(setting ORDOTYPE_TEST_PORT 8430)
    db_port=$(setting ORDOTYPE_TEST_DB_PORT 8431)
    # shellcheck disable=SC2064
    trap "stop_instance var/$name >/dev/null 2>&1 || true" EXIT
    trap 'exit 130' INT TERM
    stop_instance "var/$name"
    rm -rf "var/$name"
    storage_folders "var/$name/storage"
    start_database "var/$name" "$db_port" ORDOTYPE_TEST_DB_PORT
    password=$(random_password)
    grant_database "ordotype_$name" "ordotype_$name" "$password"
    export ORDOTYPE_MEASURES=$([ "$name" = bench ] && echo true || echo false)
    export APP_ENV=production APP_KEY="base64:$(head -c 32 /dev/urandom | base64 | tr -d '\n')" APP_URL="http://127.0.0.1:$port" \
        DB_HOST=127.0.0.1 DB_PORT=$db_port DB_DATABASE="ordotype_$name" DB_USERNAME="ordotype_$name" DB_PASSWORD=$password \
        LARAVEL_STORAGE_PATH="$ROOT/var/$name/storage" RECORDS_FOLDER="$ROOT/var/$name/records" APP_CONFIG_CACHE="$ROOT/var/$name/config.php" APP_ROUTES_CACHE="$ROOT/var/$name/routes.php"
    prepare_database
    php artisan config:cache --quiet
    php artisan route:cache --quiet
    start_web "var/$name" 127.0.0.1 "$port" ORDOTYPE_TEST_PORT "APP_CONFIG_CACHE=$APP_CONFIG_CACHE" "APP_ROUTES_CACHE=$APP_ROUTES_CACHE" "LARAVEL_STORAGE_PATH=$LARAVEL_STORAGE_PATH"
    start_worker "var/$name"
}
