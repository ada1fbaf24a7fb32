# shellcheck shell=bash
# What the scripts share: where things are, a JDK, Debian packages, free ports. Source, do not run.
GEMINAL_ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)

# A package (bin/package) brings its own Java and everything built; its shops are under /var/lib/geminal.
GEMINAL_INSTALLED=false GEMINAL_SHOPS=$GEMINAL_ROOT/var
if [[ -f $GEMINAL_ROOT/installed ]]; then
  GEMINAL_INSTALLED=true
  GEMINAL_SHOPS=${GEMINAL_SHOPS_FOLDER:-/var/lib/geminal}
fi

# One clear sentence with the remedy, then out.
fail() {
  printf 'geminal: %s\n' "$*" >&2
  exit 1
}

# why_ended LOG: why a server did not come up, in its own sentences where it has some, else the end of its log.
why_ended() {
  local said
  said=$(awk '/^(Description|Action):$/ { on = 1; next } on && NF' "$1")
  if [[ -n $said ]]; then printf '%s\n' "$said"; else tail -n 5 "$1"; fi
}

say() { printf '%s\n' "$*"; }

# Without JAVA_TOOL_OPTIONS, whose notice would come before the version.
java_version() { env -u JAVA_TOOL_OPTIONS -u JDK_JAVA_OPTIONS "$1/bin/java" -version 2>&1; }

java_major() { java_version "$1" | sed -n 's/.*version "\([0-9]*\).*/\1/p' | head -n 1; }

# Sets JAVA_HOME to a JDK 25 or newer: the one given, else the newest under GEMINAL_JVMS (/usr/lib/jvm).
need_jdk() {
  if [[ $GEMINAL_INSTALLED == true ]]; then
    export JAVA_HOME=$GEMINAL_ROOT/runtime
    return
  fi
  local home best='' best_major=0 major
  for home in "${JAVA_HOME:-}" "${GEMINAL_JVMS:-/usr/lib/jvm}"/*; do
    [[ -n $home && -x $home/bin/javac ]] || continue
    major=$(java_major "$home")
    if [[ ${major:-0} -ge 25 && $home == "${JAVA_HOME:-}" ]]; then
      best=$home best_major=$major
      break
    fi
    if [[ ${major:-0} -ge 25 && $major -gt $best_major ]]; then best=$home best_major=$major; fi
  done
  [[ -n $best ]] || fail "no JDK 25 or newer found; install one (or point JAVA_HOME at it) and start again."
  export JAVA_HOME=$best
  export MAVEN_OPTS="${MAVEN_OPTS:-} --sun-misc-unsafe-memory-access=allow --enable-native-access=ALL-UNNAMED"
}

need_build_tools() {
  need_jdk
  command -v mvn >/dev/null || fail "Maven is missing; install the package maven and start again."
  command -v node >/dev/null || fail "Node is missing; install Node 20 or newer and start again."
  command -v npm >/dev/null || fail "npm is missing; install npm 11 or newer and start again."
}

# need_package COMMAND PACKAGE...: installs Debian packages unless the command is there.
need_package() {
  local command=$1 log
  shift
  PATH=$PATH:/usr/sbin command -v "$command" >/dev/null && return
  [[ $(id -u) == 0 ]] || fail "$command is missing; as root run: apt-get install --no-install-recommends $*"
  command -v apt-get >/dev/null || fail "$command is missing and this is no Debian; install $* and start again."
  say "installing $* …"
  log=$(mktemp)
  if ! { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"; } >"$log" 2>&1; then
    tail -n 5 "$log" >&2
    rm -f "$log"
    fail "$* could not be installed; the lines above say why."
  fi
  rm -f "$log"
}

need_mariadb() { need_package mariadbd mariadb-server-core mariadb-client-core; }
need_chromium() { need_package chromium chromium; }

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port
  for _ in {1..100}; do
    port=$((20000 + RANDOM % 20000))
    if port_is_free "$port"; then
      printf '%s' "$port"
      return
    fi
  done
  fail "no free port found on 127.0.0.1."
}

# Ends a process by pid and waits until it is gone; gives up and kills after 20 s.
end_process() {
  local pid=$1
  kill "$pid" 2>/dev/null || return 0
  for _ in {1..200}; do
    kill -0 "$pid" 2>/dev/null || return 0
    sleep 0.1
  done
  kill -9 "$pid" 2>/dev/null || true
}

# command_line PID: what a process was started with, one argument a line; nothing when there is none.
command_line() {
  if [[ -r /proc/$1/cmdline ]]; then
    tr '\0' '\n' <"/proc/$1/cmdline" 2>/dev/null || true
  else
    ps -o args= -p "$1" 2>/dev/null | tr ' ' '\n' || true
  fi
}

# runs_with PIDFILE ARGUMENT: whether the process named in the file runs and was started with this argument.
# A number alone proves nothing: after a crash it may belong to somebody else's process.
runs_with() {
  local pid
  [[ -f $1 ]] || return 1
  pid=$(<"$1")
  [[ $pid =~ ^[0-9]+$ ]] || return 1
  kill -0 "$pid" 2>/dev/null && command_line "$pid" | grep -qxF -- "$2"
}

# server_argument HOME, keeper_argument HOME: how the processes of a shop are told from all others.
server_argument() { printf -- '-Dgeminal.home=%s' "$1"; }
keeper_argument() { printf -- '--geminal-home=%s' "$1"; }

# The server of a shop and what keeps it running, if either runs.
server_runs() {
  runs_with "$1/keeper.pid" "$(keeper_argument "$1")" || runs_with "$1/server.pid" "$(server_argument "$1")"
}

# Ends the server of a shop. A number in a stale file is never used.
server_stop() {
  local pid
  # A file may go between two looks: bin/stop, and the bin/start it stops, both come here.
  if runs_with "$1/keeper.pid" "$(keeper_argument "$1")" && pid=$(cat "$1/keeper.pid" 2>/dev/null); then end_process "$pid"; fi
  if runs_with "$1/server.pid" "$(server_argument "$1")" && pid=$(cat "$1/server.pid" 2>/dev/null); then end_process "$pid"; fi
  rm -f "$1/keeper.pid" "$1/server.pid"
}

# lock_home HOME: only one script at a time prepares a shop; ends with the script or unlock_home.
lock_home() {
  command -v flock >/dev/null || return 0
  exec 9>"$1/lock"
  flock -w 180 9 || fail "another script has been at work on $1 for three minutes; end it and start again."
}
unlock_home() { exec 9>&-; }
