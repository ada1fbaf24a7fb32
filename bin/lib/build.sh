# shellcheck shell=bash
# Builds the application when its sources are newer than what was built. Source after common.sh.
GEMINAL_JAR=$GEMINAL_ROOT/server/target/geminal-server-0.1.0-SNAPSHOT-exec.jar
GEMINAL_APP=$GEMINAL_ROOT/server/target/app
[[ $GEMINAL_INSTALLED == false ]] || GEMINAL_APP=$GEMINAL_ROOT/app

build_is_current() {
  [[ $GEMINAL_INSTALLED == false ]] || return 0
  [[ -f $GEMINAL_APP/built ]] || return 1
  local newer
  newer=$(find "$GEMINAL_ROOT/pom.xml" "$GEMINAL_ROOT"/{core,library,vision,simulator,server}/{pom.xml,src/main} \
    "$GEMINAL_ROOT"/web/{pom.xml,package.json,package-lock.json,index.html,vite.config.ts,src,public} \
    "$GEMINAL_ROOT"/docs/openapi.json "$GEMINAL_ROOT"/bin/lib/build* -newer "$GEMINAL_APP/built" -print -quit 2>/dev/null)
  [[ -z $newer ]]
}

# Packages the server and unpacks it (a jar of jars starts slowly).
build_application() {
  build_is_current && return
  # Two scripts started at once build once.
  if [[ ${1:-} != locked ]] && command -v flock >/dev/null; then
    mkdir -p "$GEMINAL_ROOT/var"
    (flock 8 && build_application locked) 8>"$GEMINAL_ROOT/var/build.lock"
    return
  fi
  need_build_tools
  say "building (the first time takes a few minutes) …"
  local log=$GEMINAL_ROOT/var/build.log
  mkdir -p "$GEMINAL_ROOT/var"
  if ! (cd "$GEMINAL_ROOT" && mvn -B -pl core,library,vision,simulator,web,server -DskipTests package) >"$log" 2>&1; then
    grep -E 'ERROR|WARNING.*\.java' "$log" | head -n 10 >&2
    fail "the build failed; all of it stands in $log."
  fi
  rm -rf "$GEMINAL_APP"
  "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$GEMINAL_JAR" extract --destination "$GEMINAL_APP" >>"$log" 2>&1 ||
    fail "the application could not be unpacked; see $log."
  touch "$GEMINAL_APP/built"
}

# start_cache HOME: where the JDK keeps what it has learnt about starting the application; see bin/start. What is
# installed cannot be written to; each of its shops has its own.
start_cache() {
  local folder=$GEMINAL_APP of
  of=$(java_version "$JAVA_HOME")
  if [[ $GEMINAL_INSTALLED == true ]]; then
    folder=$1
    of+=$(<"$GEMINAL_ROOT/installed")
  fi
  printf '%s/start-%s.aot' "$folder" "$(cksum <<<"$of" | cut -d' ' -f1)"
}

# furnish HOME: a demo shop in a folder, ended again, to make copies of; the start trains the JDK's start-up cache.
furnish() {
  local log=$1.log start
  : >"$log"
  "$GEMINAL_ROOT/bin/start" --port "$(free_port)" --home "$1" >"$log" 2>&1 &
  start=$!
  for _ in {1..1200}; do
    grep -q '^Geminal answers' "$log" && break
    kill -0 "$start" 2>/dev/null || { tail -n 5 "$log" >&2; fail "the demo shop did not start; see $log."; }
    sleep 0.1
  done
  "$GEMINAL_ROOT/bin/stop" --home "$1" >>"$log" 2>&1 || { tail -n 5 "$log" >&2; fail "the demo shop did not close; see $log."; }
  wait "$start" || true
  # Writing the cache takes the JDK a moment after the server has ended.
  for _ in {1..300}; do [[ -f $(start_cache "$1") ]] && break || sleep 0.1; done
}
