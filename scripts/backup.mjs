// `npm run backup`: copies a database, also while it is in use.
import { ensureBuilt } from './build.mjs'
import { ensureInstalled } from './lib/ensure.mjs'
import { handOverTo, ROOT } from './lib/run.mjs'

ensureInstalled()
ensureBuilt()
handOverTo(process.execPath, [`${ROOT}/server/dist/copies/cli.js`, 'backup', ...process.argv.slice(2)])
