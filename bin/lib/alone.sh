# alone.sh NAME COMMAND...: ends what is left of that program in this session, then becomes the command.
# The children of a killed nginx or php-fpm hold its port or socket, and nobody starts new ones in their place.
name=$1
shift
session=$(ps -o sess= -p $$ | tr -d ' ')
pkill -KILL -s "$session" -x "${name:0:15}"
exec "$@"
