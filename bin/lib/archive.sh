# shellcheck shell=bash
# What bin/backup and bin/restore share. Source after common.sh, database.sh and build.sh.

# archive_arguments WHAT [--home FOLDER] FILE: sets HOME_FOLDER and ARCHIVE.
archive_arguments() {
  local what=$1 usage
  shift
  usage="bin/$what [--home FOLDER] ARCHIVE.zip   (--home as with bin/start; var/shop, or for a backup var/demo where that is the only one)"
  HOME_FOLDER=$GEMINAL_SHOPS/shop ARCHIVE=''
  if [[ $what == backup && ! -d $HOME_FOLDER && -d $GEMINAL_SHOPS/demo ]]; then HOME_FOLDER=$GEMINAL_SHOPS/demo; fi
  while [[ $# -gt 0 ]]; do
    case $1 in
      --home) HOME_FOLDER=${2:?--home needs a folder}; shift ;;
      -h | --help) say "$usage"; exit ;;
      -*) fail "unknown option $1. $usage" ;;
      *) [[ -z $ARCHIVE ]] || fail "one archive at a time. $usage"; ARCHIVE=$1 ;;
    esac
    shift
  done
  [[ -n $ARCHIVE ]] || fail "name the archive. $usage"
  mkdir -p "$HOME_FOLDER" 2>/dev/null || fail "the folder $HOME_FOLDER cannot be made."
  HOME_FOLDER=$(cd "$HOME_FOLDER" && pwd)
}

# archive_run OPTION: does the work beside a shop that is open, or with its database alone.
archive_run() {
  local log started=false code=0
  need_jdk
  need_mariadb
  # Beside a shop that is open its own build is used; another would be put under its feet.
  if ! server_runs "$HOME_FOLDER" || [[ ! -f $GEMINAL_APP/built ]]; then build_application; fi
  # An archive holds everything the shop has, password hashes too.
  umask 077
  if database_runs "$HOME_FOLDER/database"; then
    DB_PORT=$(<"$HOME_FOLDER/database/port")
    DB_PASSWORD=$(<"$HOME_FOLDER/database/password")
  else
    database_start "$HOME_FOLDER/database"
    started=true
    trap 'database_stop "$HOME_FOLDER/database"' EXIT
  fi
  log=$(mktemp)
  GEMINAL_DB_PORT=$DB_PORT GEMINAL_DB_PASSWORD=$DB_PASSWORD GEMINAL_DB_TIMEOUT_MS=600000 \
    "$JAVA_HOME/bin/java" -Xmx512m --enable-native-access=ALL-UNNAMED \
    --sun-misc-unsafe-memory-access=allow -jar "$GEMINAL_APP/$(basename "$GEMINAL_JAR")" \
    --server.port=0 --geminal.demo=false "$@" </dev/null >"$log" 2>&1 || code=$?
  if [[ $code -ne 0 ]]; then
    sed -n 's/^archive: //p' "$log" | grep . >&2 || why_ended "$log" >&2
    rm -f "$log"
    fail "it was not done; the line above says why."
  fi
  ARCHIVE_SAID=$(sed -n 's/^password: //p' "$log")
  rm -f "$log"
  if [[ $started == true ]]; then
    database_stop "$HOME_FOLDER/database"
    trap - EXIT
  fi
}
