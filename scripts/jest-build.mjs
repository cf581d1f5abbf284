/** Before the unit tests: the server's compute threads need core and server built, if they are stale. */
import { buildIfStale } from './project.mjs';

export default function build() {
  if (!buildIfStale({ web: false })) throw new Error('core and server do not build');
}
