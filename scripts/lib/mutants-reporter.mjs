// What no test noticed, line by line as it is found: a run takes long, and a test can be written meanwhile.
import { appendFileSync, writeFileSync } from 'node:fs'

const LEFT = ['Survived', 'NoCoverage']

class AsTheyCome {
  constructor() {
    this.file = process.env.MUTANTS_LEFT
    writeFileSync(this.file, '')
  }
  onMutantTested({ status, fileName, location: { start }, replacement }) {
    if (!LEFT.includes(status)) return
    const at = `${fileName.replace(/.*core\/src\//, '')}:${start.line}:${start.column}`
    appendFileSync(this.file, `${at} ${replacement.replaceAll('\n', ' ')}\n`)
  }
}

/** What Stryker asks a plugin for. */
export const strykerPlugins = [{ kind: 'Reporter', name: 'as-they-come', injectableClass: AsTheyCome }]
