// What no test noticed, and what only the time ended, line by line as it is found: a run takes long, and a test can be
// written meanwhile.
import { appendFileSync, writeFileSync } from 'node:fs'

/** How a mutant ended, and the file that it is written to. */
const FILE_OF = { Survived: 'left', NoCoverage: 'left', Timeout: 'timed-out' }

class AsTheyCome {
  constructor() {
    for (const ending of new Set(Object.values(FILE_OF))) writeFileSync(this.file(ending), '')
  }
  file(ending) {
    return process.env.MUTANTS_LEFT.replace(/left\.txt$/, `${ending}.txt`)
  }
  onMutantTested({ status, fileName, location: { start }, replacement }) {
    const ending = FILE_OF[status]
    if (ending === undefined) return
    const at = `${fileName.replace(/.*core\/src\//, '')}:${start.line}:${start.column}`
    appendFileSync(this.file(ending), `${at} ${replacement.replaceAll('\n', ' ')}\n`)
  }
}

/** What Stryker asks a plugin for. */
export const strykerPlugins = [{ kind: 'Reporter', name: 'as-they-come', injectableClass: AsTheyCome }]
