# What a machine must have; read by ./jasperwing and ./verify. Installs through apt what is missing, or says what to install.

say_missing() {
  echo "Missing: $1" >&2
  echo "Install it with: $2" >&2
  exit 2
}

# Java reads names of files and arguments by the locale; one without UTF-8 would lose every letter beyond ASCII.
use_utf8() {
  case "${LC_ALL:-${LC_CTYPE:-${LANG:-}}}" in
    *[Uu][Tt][Ff]-8*|*[Uu][Tt][Ff]8*) ;;
    *) export LC_ALL=C.UTF-8 ;;
  esac
}

need_java() {
  command -v java >/dev/null || say_missing "a Java 17 development kit" "apt-get install openjdk-17-jdk"
  local version
  version=$(java -version 2>&1 | sed -n 's/.*version "\([0-9]*\).*/\1/p' | head -n 1)
  [ "${version:-0}" -ge 17 ] || say_missing "Java 17 or later (this is ${version:-unknown})" "apt-get install openjdk-17-jdk"
}

# The home of the newest Java on this machine that is newer than the one in use; nothing when there is none.
newest_java() {
  local current best="" home version
  current=$(java -version 2>&1 | sed -n 's/.*version "\([0-9]*\).*/\1/p' | head -n 1)
  for home in /usr/lib/jvm/*/; do
    [ -f "$home/release" ] && [ -x "$home/bin/java" ] || continue
    version=$(sed -n 's/^JAVA_VERSION="\([0-9]*\).*/\1/p' "$home/release")
    if [ "${version:-0}" -gt "$current" ]; then current=$version best=${home%/}; fi
  done
  echo "$best"
}

# covered FILE: says how many of the lines of the core the tests run through.
covered() {
  [ ! -f "$1" ] || awk -F, 'NR > 1 { missed += $8; covered += $9 }
    END { if (!covered) { print "It is not known how much of the core the tests run through" > "/dev/stderr"; exit 1 } printf "Lines of the core that tests run through: %.1f %%\n", 100 * covered / (missed + covered) }' "$1"
}

need_maven() {
  command -v mvn >/dev/null || say_missing "Maven" "apt-get install maven"
}

# may_install WHAT PACKAGE...: asks on a person's desktop; not as root, on a build server (CI) or after --yes (JASPERWING_YES).
may_install() {
  if [ "$(id -u)" = 0 ] || [ -n "${CI:-}" ] || [ -n "${JASPERWING_YES:-}" ]; then return 0; fi
  [ -t 0 ] && [ -t 2 ] || return 1
  local what=$1 answer
  shift
  printf 'Jasperwing needs %s. Install %s through sudo? [y/N] ' "$what" "$*" >&2
  read -r answer || return 1
  case "$answer" in y|Y|yes|Yes) return 0 ;; esac
  return 1
}

# need_packages WHAT PACKAGE...: installs with apt, as root or through sudo where that was allowed.
need_packages() {
  local what=$1
  shift
  local as=()
  may_install "$what" "$@" || say_missing "$what" "sudo apt-get install $*, or run this again with --yes"
  if [ "$(id -u)" != 0 ]; then
    command -v sudo >/dev/null || say_missing "$what" "apt-get install $*"
    if sudo -n true 2>/dev/null; then as=(sudo -n)
    elif [ -t 0 ]; then as=(sudo)
    else say_missing "$what" "sudo apt-get install $*"; fi
  fi
  command -v apt-get >/dev/null || say_missing "$what" "the packages that Debian calls $*"
  echo "Installing $what ($*)..." >&2
  "${as[@]}" apt-get update -qq >/dev/null 2>&1 || true
  "${as[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$@" >/dev/null || say_missing "$what" "apt-get install $*"
}

# Under the names that libraries have in the loader's cache.
need_window_libraries() {
  local known
  known=$(ldconfig -p 2>/dev/null || /sbin/ldconfig -p)
  local name
  for name in libgtk-3.so.0 libXtst.so.6 libGL.so.1 libXxf86vm.so.1; do
    case "$known" in
      *"$name"*) ;;
      *) need_packages "the libraries of the window" "$(gtk_package)" libxtst6 libgl1 libxxf86vm1 fontconfig fonts-dejavu-core; return ;;
    esac
  done
}

gtk_package() {
  if apt-cache show libgtk-3-0t64 >/dev/null 2>&1; then echo libgtk-3-0t64; else echo libgtk-3-0; fi
}

need_xvfb() {
  command -v xvfb-run >/dev/null && command -v Xvfb >/dev/null && command -v xauth >/dev/null \
    || need_packages "a virtual display" xvfb xauth
}
