// `npm run restore`: puts a copy in the place of a database.
import { ensureBuilt } from './build.mjs'
import { ensureInstalled } from './lib/ensure.mjs'
import { handOverTo, ROOT } from './lib/run.mjs'

ensureInstalled()
ensureBuilt()
handOverTo(process.execPath, [`${ROOT}/server/dist/copies/cli.js`, 'restore', ...process.argv.slice(2)])
