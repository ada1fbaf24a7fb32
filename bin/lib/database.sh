# shellcheck shell=bash
# A private MariaDB in a folder of its own, on loopback. Source after common.sh.
#
# The folder holds data/ (the tables), port, password (owner-only), mariadb.pid and mariadb.log.

# database_start FOLDER [extra mariadbd options]: creates it at the first time, starts it, waits.
# Sets DB_PORT and DB_PASSWORD.
database_start() {
  local folder=$1
  shift
  PATH=$PATH:/usr/sbin
  mkdir -p "$folder"
  folder=$(cd "$folder" && pwd)
  if pid_alive "$folder/mariadb.pid"; then
    fail "a database already runs on $folder; stop it with bin/stop first."
  fi
  rm -f "$folder/mariadb.pid"
  local first=()
  if [[ ! -f $folder/ready ]]; then
    database_create "$folder"
    first=(--init-file="$folder/first.sql")
  fi
  DB_PASSWORD=$(<"$folder/password")
  DB_PORT=$(<"$folder/port")
  if ! port_is_free "$DB_PORT"; then
    DB_PORT=$(free_port)
    printf '%s' "$DB_PORT" >"$folder/port"
  fi
  # The socket goes where its path is short: Unix sockets may not pass 107 characters.
  local sockets
  sockets=$(mktemp -d)
  mariadbd --no-defaults --user="$(id -un)" --datadir="$folder/data" --socket="$sockets/db.sock" \
    --port="$DB_PORT" --bind-address=127.0.0.1 --skip-name-resolve \
    --pid-file="$folder/mariadb.pid" --log-error="$folder/mariadb.log" \
    --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
    --skip-log-bin --performance-schema=OFF "${first[@]}" "$@" </dev/null >/dev/null 2>&1 &
  local pid=$!
  disown "$pid"
  for _ in {1..300}; do
    if database_answers; then
      rm -f "$folder/first.sql"
      touch "$folder/ready"
      export DB_PORT DB_PASSWORD
      return
    fi
    kill -0 "$pid" 2>/dev/null || break
    sleep 0.1
  done
  kill "$pid" 2>/dev/null || true
  tail -n 3 "$folder/mariadb.log" >&2 2>/dev/null || true
  fail "the database did not come up; the reason stands in $folder/mariadb.log."
}

database_answers() {
  MYSQL_PWD=$DB_PASSWORD mariadb --no-defaults --protocol=tcp --host=127.0.0.1 --port="$DB_PORT" \
    --user=geminal --connect-timeout=1 -e 'select 1' >/dev/null 2>&1
}

# Makes the data folder, a password nobody chose, and one user who may use databases geminal*.
database_create() {
  local folder=$1 password log
  local free_mb
  free_mb=$(df -Pm "$folder" | awk 'NR == 2 { print $4 }')
  [[ ${free_mb:-0} -ge 300 ]] || fail "only $free_mb MB are free for $folder; free 300 MB and start again."
  rm -rf "$folder/data"
  password=$(head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n')
  (umask 077 && printf '%s' "$password" >"$folder/password")
  free_port >"$folder/port"
  log=$(mktemp)
  if ! mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$folder/data" \
    --auth-root-authentication-method=normal --skip-test-db --skip-name-resolve >"$log" 2>&1; then
    tail -n 5 "$log" >&2
    fail "the database's folder $folder/data could not be made; the lines above say why."
  fi
  rm -f "$log"
  (umask 077 && cat >"$folder/first.sql" <<SQL
DELETE FROM mysql.global_priv WHERE User IN ('root', '');
FLUSH PRIVILEGES;
CREATE DATABASE IF NOT EXISTS geminal;
CREATE USER IF NOT EXISTS geminal@127.0.0.1 IDENTIFIED BY '$password';
GRANT ALL ON \`geminal%\`.* TO geminal@127.0.0.1;
FLUSH PRIVILEGES;
SQL
  )
}

# database_stop FOLDER: ends it cleanly if it runs.
database_stop() {
  if pid_alive "$1/mariadb.pid"; then end_process "$(<"$1/mariadb.pid")"; fi
}
