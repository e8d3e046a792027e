# Installs Jasperwing for the user who runs it, and takes it away again; read by ./jasperwing.

data_home() { echo "${XDG_DATA_HOME:-$HOME/.local/share}"; }

# All files that installing makes, one a line; the manual pages are found by their names.
installed_files() {
  local data
  data=$(data_home)
  echo "$HOME/.local/bin/jasperwing"
  echo "$data/applications/jasperwing.desktop"
  echo "$data/icons/hicolor/scalable/apps/jasperwing.svg"
  echo "$data/mime/packages/jasperwing.xml"
  echo "$data/bash-completion/completions/jasperwing"
  echo "$data/zsh/site-functions/_jasperwing"
  echo "${XDG_CONFIG_HOME:-$HOME/.config}/fish/completions/jasperwing.fish"
  local page
  for page in "$data"/man/man1/jasperwing.1 "$data"/man/man1/jasperwing-*.1; do
    if [ -e "$page" ]; then echo "$page"; fi
  done
}

# refresh_desktop: tells the desktop of new file types and entries, where it has the tools for it.
refresh_desktop() {
  local data
  data=$(data_home)
  command -v update-mime-database >/dev/null && [ -d "$data/mime" ] && update-mime-database "$data/mime" >/dev/null 2>&1 || true
  command -v update-desktop-database >/dev/null && [ -d "$data/applications" ] && update-desktop-database "$data/applications" >/dev/null 2>&1 || true
}

# install_for_user ROOT RUN: RUN is the command that runs Jasperwing.
install_for_user() {
  local root=$1 run=$2 data file
  data=$(data_home)
  installed_files | while read -r file; do mkdir -p "$(dirname "$file")"; done
  ln -sf "$root/jasperwing" "$HOME/.local/bin/jasperwing"
  sed "s|@ROOT@|$root|g" "$root/config/desktop/jasperwing.desktop" >"$data/applications/jasperwing.desktop"
  cp "$root/config/desktop/jasperwing.svg" "$data/icons/hicolor/scalable/apps/jasperwing.svg"
  cp "$root/config/desktop/jasperwing.xml" "$data/mime/packages/jasperwing.xml"
  "$run" completion bash >"$data/bash-completion/completions/jasperwing"
  { echo "#compdef jasperwing"; "$run" completion zsh; } >"$data/zsh/site-functions/_jasperwing"
  "$run" completion fish >"${XDG_CONFIG_HOME:-$HOME/.config}/fish/completions/jasperwing.fish"
  mkdir -p "$data/man/man1"
  "$run" man -o "$data/man/man1"
  refresh_desktop
  echo "Installed for $(id -un): jasperwing in $HOME/.local/bin, an entry in the menu of applications, the file type .wing, completion for bash, zsh and fish, manual pages."
  case ":$PATH:" in
    *":$HOME/.local/bin:"*) ;;
    *) echo "$HOME/.local/bin is not in PATH; add it there to run jasperwing by its name." ;;
  esac
}

uninstall_for_user() {
  local file
  installed_files | while read -r file; do rm -f "$file"; done
  refresh_desktop
  echo "Taken away: what installing made for $(id -un). Designs and settings stay."
}
