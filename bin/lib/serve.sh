# Serving: nginx, php-fpm, workers and the simulated receiver under supervisord, all in one session of processes.
# Sourced after setup.sh. RUN is the folder that holds what one such session needs: var/run, or that of a test.

# serve RUN PORT GPS_PORT [GPS_OPTION...]: starts it; its folder then tells leader.pid and port.
serve() {
  local run=$1 port=$2 gps=$3 socket user='' as_root='' children=6
  shift 3
  run=$(cd "$run" && pwd)
  socket=$run/php-fpm.sock
  # The path of a socket may have 107 characters.
  [ ${#socket} -le 100 ] || socket=$(mktemp -d)/php-fpm.sock
  if [ "$(id -u)" = 0 ]; then
    as_root=--allow-to-run-as-root
    user=root
  fi
  fill() {
    sed -e "s#@ROOT@#$PWD#g; s#@RUN@#$run#g; s#@SOCKET@#$socket#g; s#@PORT@#$port#g; s#@CHILDREN@#$children#g; s#@JIT@#${OPCACHE_JIT:-tracing}#g" \
      -e "s#@AS_ROOT@#$as_root#g; s#@GPS_PORT@#$gps#g; s#@GPS_OPTIONS@#$2#g; s#@USER@#${3:-}#g" "deploy/$1" > "$run/$1"
  }
  fill supervisord.conf "$*"
  fill php-fpm.conf '' "${user:+user = $user}"
  fill fastcgi.conf ''
  fill nginx.conf '' "${user:+user $user;}"
  (exec setsid /usr/bin/supervisord -c "$run/supervisord.conf" > "$run/supervisord.out" 2>&1 < /dev/null 9>&-) &
  printf '%s' "$!" > "$run/leader.pid"
  printf '%s' "$port" > "$run/port"
}

# members RUN: the processes of that session, whoever of them still lives. A session's number is not given to another
# program while one of them does; after that it may be, so each must also work in this folder.
members() {
  local leader stat pid rest
  leader=$(cat "$1/leader.pid" 2>/dev/null) || return 0
  for stat in /proc/[0-9]*/stat; do
    pid=${stat#/proc/} pid=${pid%/stat}
    { read -r rest < "$stat"; } 2>/dev/null || continue
    # After the name in brackets: state, parent, group, session.
    set -- ${rest##*) }
    if [ "$4" = "$leader" ] && [ "$1" != Z ] && [[ "$(readlink "/proc/$pid/cwd")/" == "$PWD"/* ]]; then printf '%s ' "$pid"; fi
  done
}

# is_serving RUN: the leader lives, which starts again whatever else ends, and pages come.
is_serving() { runs_as "$(cat "$1/leader.pid" 2>/dev/null)" "$PWD/$1/" && wait_for_page "$(cat "$1/port")"; }

# stop_serving RUN: asks the leader, then ends whoever is left of the session, with or without it. Tells whether there was anybody.
stop_serving() {
  local run=$1 pids try
  pids=$(members "$run")
  [ -n "$pids" ] || { rm -f "$run/leader.pid"; return 1; }
  # A dead leader may still have its number.
  if runs_as "$(cat "$run/leader.pid")" supervisord; then kill "$(cat "$run/leader.pid")"; else kill $pids 2>/dev/null || true; fi
  for try in {1..60}; do
    pids=$(members "$run")
    [ -n "$pids" ] || break
    [ "$try" != 50 ] || kill -KILL $pids 2>/dev/null || true
    sleep 0.2
  done
  rm -f "$run/leader.pid"
}
