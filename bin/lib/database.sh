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
  if database_runs "$folder"; then
    fail "a database already runs on $folder; stop it with bin/stop first."
  fi
  rm -f "$folder/mariadb.pid"
  local first=()
  if [[ ! -e $folder/data || -z $(ls -A "$folder/data" 2>/dev/null) ]]; then
    database_create "$folder"
  fi
  [[ -s $folder/password ]] || fail "$folder/data holds a shop, but the file $folder/password is missing. \
Nothing was changed. Put that file back from your copy, or restore the newest backup into another folder with bin/restore."
  [[ -s $folder/port ]] || free_port >"$folder/port"
  # The users are made at the first start; a start that broke off before that makes them now.
  [[ ! -f $folder/first.sql ]] || first=(--init-file="$folder/first.sql")
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
    --skip-log-bin --performance-schema=OFF "${first[@]}" "$@" </dev/null >/dev/null 2>&1 9>&- &
  local pid=$!
  disown "$pid"
  for _ in {1..300}; do
    if database_answers; then
      rm -f "$folder/first.sql"
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

# database_query SQL: rows of the database that was started last, a line each, columns apart by a tab.
database_query() {
  MYSQL_PWD=$DB_PASSWORD mariadb --no-defaults --protocol=tcp --host=127.0.0.1 --port="$DB_PORT" \
    --user=geminal --connect-timeout=1 --batch --skip-column-names -e "$1"
}

database_answers() { database_query 'select 1' >/dev/null 2>&1; }

# Makes the data folder, a password nobody chose, and one user who may use databases geminal*. The folder is
# made beside its place and moved there when it is whole; nothing that is there already is ever removed.
database_create() {
  local folder=$1 password log made
  local free_mb
  free_mb=$(df -Pm "$folder" | awk 'NR == 2 { print $4 }')
  [[ ${free_mb:-0} -ge 300 ]] || fail "only $free_mb MB are free for $folder; free 300 MB and start again."
  made=$(mktemp -d "$folder/new-data.XXXXXX")
  password=$(head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n')
  log=$(mktemp)
  # Started inside the folder, because its script does not take a path with a space; with --force, because it looks
  # up the machine's name, which may have none.
  if ! (cd "$made" && mariadb-install-db --force --no-defaults --user="$(id -un)" --datadir=. \
    --auth-root-authentication-method=normal --skip-test-db --skip-name-resolve) >"$log" 2>&1; then
    # It ends with advice of its own; the reason stands before that.
    { grep -iE 'error|denied|no space|not found|cannot|failed' "$log" || cat "$log"; } | head -n 8 >&2
    fail "the database could not be made in $made; the lines above say why."
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
  (umask 077 && printf '%s' "$password" >"$folder/password")
  free_port >"$folder/port"
  rmdir "$folder/data" 2>/dev/null || true
  mv -T "$made" "$folder/data"
}

# The data folder as the database was told it: its full path.
database_argument() { printf -- '--datadir=%s/data' "$(cd "$1" && pwd)"; }
database_runs() { [[ -d $1 ]] && runs_with "$1/mariadb.pid" "$(database_argument "$1")"; }

# database_stop FOLDER: ends it cleanly if it runs. A number in a stale file is never used.
database_stop() {
  local pid
  # Another may end it between the two: bin/stop, and the bin/start it stops.
  if database_runs "$1" && pid=$(cat "$1/mariadb.pid" 2>/dev/null); then end_process "$pid"; fi
}
