# Three machines of the application, three of the database, what they share, and who stands before them: all on
# loopback, below var/cluster. Functions for bin/cluster and for the tests that kill some of it.
# shellcheck shell=bash
# shellcheck source=bin/lib.sh
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"

CLUSTER=var/cluster
CLUSTER_NODES="1 2 3"
CLUSTER_PACKAGES="galera-4 mariadb-backup redis-server socat lsof procps"
CLUSTER_PORT=$(setting ORDOTYPE_CLUSTER_PORT 8440)
CLUSTER_DB_PORT=$(setting ORDOTYPE_CLUSTER_DB_PORT 8451)
CLUSTER_REDIS_PORT=$(setting ORDOTYPE_CLUSTER_REDIS_PORT 8455)
CLUSTER_STORAGE_PORT=$(setting ORDOTYPE_CLUSTER_STORAGE_PORT 8456)
DATABASE_NODES=127.0.0.11,127.0.0.12,127.0.0.13

app_place() { printf '%s/app%s' "$CLUSTER" "$1"; }          # node
app_port() { printf '%s' $((CLUSTER_PORT + $1)); }           # node
database_place() { printf '%s/db%s' "$CLUSTER" "$1"; }      # node
database_address() { printf '127.0.0.1%s' "$1"; }           # node

# --- the database: three nodes, each with an address of its own ---------------------------------------

# One answers only when it is one of them and has all that they have.
database_answers() {
    [ "$(database_root -N -B -e "SELECT COUNT(*) FROM information_schema.GLOBAL_STATUS WHERE (VARIABLE_NAME = 'wsrep_ready' AND VARIABLE_VALUE = 'ON') OR (VARIABLE_NAME = 'wsrep_local_state_comment' AND VARIABLE_VALUE = 'Synced')")" = 2 ]
}

# The first of them all begins the cluster; every other time a node joins the others that are there.
start_database_node() { # node [first]
    local node=$1 address others
    address=$(database_address "$node")
    others="gcomm://$(for each in $CLUSTER_NODES; do printf '%s:%s,' "$(database_address "$each")" $((CLUSTER_DB_PORT + 1)); done | sed 's/,$//')"
    DATABASE_OPTIONS=(--bind-address="$address" --binlog-format=ROW --innodb-autoinc-lock-mode=2
        --wsrep-on=ON --wsrep-provider=/usr/lib/galera/libgalera_smm.so --wsrep-cluster-name=ordotype --wsrep-cluster-address="$others"
        --wsrep-node-name="node$node" --wsrep-node-address="$address" --wsrep-node-incoming-address="$address:$CLUSTER_DB_PORT"
        --wsrep-provider-options="gmcast.listen_addr=tcp://$address:$((CLUSTER_DB_PORT + 1));ist.recv_addr=$address:$((CLUSTER_DB_PORT + 2));gcache.size=64M"
        --wsrep-sst-method=mariabackup --wsrep-sst-auth="$(id -un):" --wsrep-sst-receive-address="$address:$((CLUSTER_DB_PORT + 3))"
        # Whoever reads sees what was acknowledged before, whichever node is asked.
        --wsrep-sync-wait=7)
    # Read by what carries a database over to a node that is new or was away for long; nothing of the machine's own is.
    private_folder "$ROOT/$(database_place "$node")" "$ROOT/$(database_place "$node")/run"
    DATABASE_DEFAULTS=--defaults-file=$ROOT/$(database_place "$node")/run/database.cnf
    # On the command line the memory would be handed to a program that takes it from here only.
    DATABASE_MEMORY=
    printf '[mysqld]\ninnodb_buffer_pool_size=96M\nlog_bin_trust_function_creators=1\n[sst]\nsst-syslog=0\n' >"${DATABASE_DEFAULTS#*=}"
    [ "${2:-}" = first ] && DATABASE_OPTIONS+=(--wsrep-new-cluster)
    start_database "$(database_place "$node")" "$CLUSTER_DB_PORT" ORDOTYPE_CLUSTER_DB_PORT
}

start_database_nodes() {
    local node running=''
    for node in $CLUSTER_NODES; do
        is_running "$ROOT/$(database_place "$node")/run/db.pid" && running=yes
    done
    for node in $CLUSTER_NODES; do
        if [ "$node" = 1 ] && [ -z "$running" ]; then
            # Where all were stopped, the first is told that nobody is ahead of it: bin/cluster begins with an empty place.
            start_database_node 1 first
        else
            start_database_node "$node"
        fi
    done
}

# --- what the machines share: Redis, and a stand-in for the storage -----------------------------------------

start_redis() {
    local place=$ROOT/$CLUSTER/redis
    private_folder "$place" "$place/run" "$place/log"
    is_running "$place/run/redis.pid" && return 0
    require_free_port "$CLUSTER_REDIS_PORT" ORDOTYPE_CLUSTER_REDIS_PORT
    # On disk before it answers, so that work of the queue outlives it; and nothing is thrown away for lack of room.
    start_session "$place/run/redis.pid" "$place/log/redis.log" redis-server --bind 127.0.0.1 --port "$CLUSTER_REDIS_PORT" --dir "$place" --daemonize no \
        --appendonly yes --appendfsync always --save '' --maxmemory-policy noeviction --requirepass "$(cluster_secret redis)"
    await 30 port_is_taken "$CLUSTER_REDIS_PORT" || fail "Redis does not answer; $place/log/redis.log says why."
}

start_storage() {
    local place=$ROOT/$CLUSTER/storage
    private_folder "$place" "$place/run" "$place/log" "$place/buckets"
    is_running "$place/run/storage.pid" && return 0
    if ! stamp_is_current "$place/installed" tests/Cluster/storage/package.json tests/Cluster/storage/package-lock.json; then
        say "Installing the stand-in for the storage"
        cp tests/Cluster/storage/package.json tests/Cluster/storage/package-lock.json "$place/"
        npm ci --prefix "$place" --no-audit --no-fund >"$place/log/npm.log" 2>&1 || fail "npm failed; $place/log/npm.log says why."
        write_stamp "$place/installed" tests/Cluster/storage/package.json tests/Cluster/storage/package-lock.json
    fi
    require_free_port "$CLUSTER_STORAGE_PORT" ORDOTYPE_CLUSTER_STORAGE_PORT
    start_session "$place/run/storage.pid" "$place/log/storage.log" node "$place/node_modules/s3rver/bin/s3rver.js" --directory "$place/buckets" --address 127.0.0.1 --port "$CLUSTER_STORAGE_PORT" \
        --no-vhost-buckets --configure-bucket ordotype --configure-bucket ordotype-records
    await 30 port_is_taken "$CLUSTER_STORAGE_PORT" || fail "The storage does not answer; $place/log/storage.log says why."
}

# --- the application: the same settings on each, a place of its own for what it writes ----------------------

# Made once for this place; nobody else reads it.
cluster_secret() { # name [command that makes it]
    local file=$ROOT/$CLUSTER/run/$1.secret; shift
    [ -s "$file" ] || (umask 077; "${@:-random_password}" >"$file")
    cat "$file"
}

# What every machine is told, as one word a line.
cluster_settings() {
    printf '%s\n' APP_ENV=production APP_DEBUG=false "APP_KEY=base64:$(cluster_secret app php -r 'echo base64_encode(random_bytes(32));')" \
        "APP_URL=http://127.0.0.1:$CLUSTER_PORT" TRUSTED_PROXIES=127.0.0.1 \
        "DB_HOST=$DATABASE_NODES" "DB_PORT=$CLUSTER_DB_PORT" DB_SEVERAL_NODES=true DB_DATABASE=ordotype_cluster DB_USERNAME=ordotype_cluster "DB_PASSWORD=$(cluster_secret database)" \
        CACHE_STORE=redis QUEUE_CONNECTION=redis SESSION_DRIVER=listed REDIS_HOST=127.0.0.1 "REDIS_PORT=$CLUSTER_REDIS_PORT" "REDIS_PASSWORD=$(cluster_secret redis)" \
        S3_BUCKET=ordotype S3_KEY=S3RVER S3_SECRET=S3RVER S3_REGION=eu-central-1 "S3_ENDPOINT=http://127.0.0.1:$CLUSTER_STORAGE_PORT" S3_PATH_STYLE=true \
        RECORDS_BUCKET=ordotype-records \
        "RECORDS_KEY=$(cluster_secret records php -r 'echo base64_encode(sodium_crypto_sign_secretkey(sodium_crypto_sign_keypair()));')"
}

# What one machine is told.
app_settings() { # node
    local place
    place=$ROOT/$(app_place "$1")
    cluster_settings
    printf '%s\n' "LARAVEL_STORAGE_PATH=$place/storage" "APP_CONFIG_CACHE=$place/config.php" "APP_ROUTES_CACHE=$place/routes.php"
}

on_app() { # node command…
    local node=$1 settings; shift
    mapfile -t settings < <(app_settings "$node")
    env "${settings[@]}" "$@"
}

start_app_node() { # node
    local node=$1 place settings
    place=$(app_place "$node")
    private_folder "$ROOT/$place" "$ROOT/$place/run" "$ROOT/$place/log"
    storage_folders "$ROOT/$place/storage"
    mapfile -t settings < <(app_settings "$node")
    on_app "$node" php artisan config:cache --quiet
    on_app "$node" php artisan route:cache --quiet
    chmod 600 "$ROOT/$place/config.php"
    LARAVEL_STORAGE_PATH=$ROOT/$place/storage start_web "$place" 127.0.0.1 "$(app_port "$node")" ORDOTYPE_CLUSTER_PORT "${settings[@]}"
    start_worker "$place" "${settings[@]}"
    start_scheduler "$place" "${settings[@]}"
}

stop_app_node() { # node
    stop_scheduler "$(app_place "$1")"
    stop_worker "$(app_place "$1")"
    stop_web "$(app_place "$1")"
}

# As when its power fails: nothing is told beforehand, nothing is written out.
kill_app_node() { # node
    local place name pid
    place=$ROOT/$(app_place "$1")
    for name in worker scheduler; do
        pid=$(cat "$place/run/$name.pid")
        kill -KILL -- "-$pid" 2>/dev/null || true
        rm -f "$place/run/$name.pid"
    done
    for name in nginx fpm; do
        pid=$(cat "$place/run/$name.pid")
        kill -KILL "$pid" $(pgrep -P "$pid") 2>/dev/null || true
        rm -f "$place/run/$name.pid"
    done
    rm -f "$place/run/light.sock" "$place/run/heavy.sock"
}

kill_database_node() { # node
    local place
    place=$ROOT/$(database_place "$1")
    kill -KILL "$(cat "$place/run/db.pid")"
    rm -f "$place/run/db.pid"
}

# --- who stands before them ------------------------------------------------------------------------------------

start_balancer() {
    local place=$ROOT/$CLUSTER/balancer servers='' node
    private_folder "$place" "$place/run" "$place/log" "$place/tmp"
    is_running "$place/run/nginx.pid" && return 0
    require_free_port "$CLUSTER_PORT" ORDOTYPE_CLUSTER_PORT
    for node in $CLUSTER_NODES; do servers+="server 127.0.0.1:$(app_port "$node") max_fails=1 fail_timeout=5s; "; done
    {
        [ "$(id -u)" = 0 ] && printf 'user %s %s;\n' "$(id -un)" "$(id -gn)"
        sed -e "s|@PLACE@|$place|g" -e "s|@PORT@|$CLUSTER_PORT|g" -e "s|@SERVERS@|$servers|g" bin/balancer.conf
    } >"$place/run/nginx.conf"
    nginx -c "$place/run/nginx.conf" -e "$place/log/nginx.log" >>"$place/log/nginx.log" 2>&1 || fail "The balancer does not start; $place/log/nginx.log says why."
    await 20 port_is_taken "$CLUSTER_PORT" || fail "The balancer does not answer; $place/log says why."
}

stop_balancer() { stop_web "$CLUSTER/balancer"; }

# --- all of it -----------------------------------------------------------------------------------------------------

start_cluster() {
    private_folder "$ROOT/$CLUSTER" "$ROOT/$CLUSTER/run"
    start_database_nodes
    PLACE=$ROOT/$(database_place 1)
    grant_database ordotype_cluster ordotype_cluster "$(cluster_secret database)"
    start_redis
    start_storage
    # One of them makes the tables.
    local node settings
    storage_folders "$ROOT/$(app_place 1)/storage"
    mapfile -t settings < <(app_settings 1)
    (export "${settings[@]}"; prepare_database)
    for node in $CLUSTER_NODES; do start_app_node "$node"; done
    start_balancer
}

# Whatever was killed of it is begun anew; the rest is left as it is.
restore_cluster() {
    local node
    for node in $CLUSTER_NODES; do
        is_running "$ROOT/$(database_place "$node")/run/db.pid" || start_database_node "$node"
        is_running "$ROOT/$(app_place "$node")/run/nginx.pid" || start_app_node "$node"
    done
}

stop_cluster() {
    local node
    stop_balancer
    for node in $CLUSTER_NODES; do stop_app_node "$node"; done
    stop_session "$ROOT/$CLUSTER/storage/run/storage.pid"
    stop_session "$ROOT/$CLUSTER/redis/run/redis.pid"
    # The one that began is the last to go.
    for node in $(printf '%s\n' $CLUSTER_NODES | tac); do stop_database "$(database_place "$node")"; done
}
