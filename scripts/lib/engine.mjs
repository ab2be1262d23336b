// How the engine runs the server.
import { ROOT } from './run.mjs'

/**
 * Room for what lives shortly, MB. A shelf that is matched leaves tens of megabytes of outcomes behind that nobody
 * keeps; in the room that the engine takes by itself every run of it is swept several times, and a third of the time
 * goes there. `npm run bench` measures the core so too.
 */
const YOUNG_MB = 64
export const ENGINE = [`--max-semi-space-size=${YOUNG_MB}`]
/** What starts the server, before its own options. */
export const SERVER = [...ENGINE, `${ROOT}/server/dist/main.js`]
