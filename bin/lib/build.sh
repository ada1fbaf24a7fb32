# shellcheck shell=bash
# Builds the application when its sources are newer than what was built. Source after common.sh.
GEMINAL_JAR=$GEMINAL_ROOT/server/target/geminal-server-0.1.0-SNAPSHOT-exec.jar
GEMINAL_APP=$GEMINAL_ROOT/server/target/app

build_is_current() {
  [[ -f $GEMINAL_APP/built ]] || return 1
  local newer
  newer=$(find "$GEMINAL_ROOT/pom.xml" "$GEMINAL_ROOT"/{core,library,simulator,server}/{pom.xml,src/main} \
    "$GEMINAL_ROOT"/web/{pom.xml,package.json,package-lock.json,index.html,vite.config.ts,src,public} \
    "$GEMINAL_ROOT"/bin/lib/build* -newer "$GEMINAL_APP/built" -print -quit 2>/dev/null)
  [[ -z $newer ]]
}

# Packages the server, unpacks it (a jar of jars starts slowly) and trains the JDK's start-up cache.
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
  if ! (cd "$GEMINAL_ROOT" && mvn -B -pl core,library,simulator,web,server -DskipTests package) >"$log" 2>&1; then
    grep -E 'ERROR|WARNING.*\.java' "$log" | head -n 10 >&2
    fail "the build failed; all of it stands in $log."
  fi
  rm -rf "$GEMINAL_APP"
  "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$GEMINAL_JAR" extract --destination "$GEMINAL_APP" >>"$log" 2>&1 ||
    fail "the application could not be unpacked; see $log."
  touch "$GEMINAL_APP/built"
}
