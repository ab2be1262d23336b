// `npm start`: from a fresh clone to a served product. `npm start -- --data DIR --port N` for real use.
import { ensureBuilt } from './build.mjs'
import { SERVER } from './lib/engine.mjs'
import { ensureInstalled } from './lib/ensure.mjs'
import { handOverTo, say } from './lib/run.mjs'

ensureInstalled()
ensureBuilt()
say('Starting')
handOverTo(process.execPath, [...SERVER, ...process.argv.slice(2)])
