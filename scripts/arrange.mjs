// `npm run --silent arrange -- FILE`: who sits where, with which restraint, as JSON.
// Exit 0 all fit, 1 not (or only if measured), 2 the file is not valid. Progress goes to the error stream.
import { setImmediate } from 'node:timers/promises'
import { coreAndFile, parsedOrFaults } from './lib/core-on-file.mjs'

const { core, data } = await coreAndFile('arrange')
const question = parsedOrFaults(core, core.arrangeRequestSchema, data)
// Stopped by hand it tells the best found so far.
let word
process.once('SIGINT', () => (word = 'stop'))
const steps = core.arranging(question)
let step = steps.next()
let told = 0
while (!step.done) {
  if (Date.now() - told > 500) {
    told = Date.now()
    console.error(`${Math.round(step.value.share * 100)} % of the ways looked at`)
    // A signal is heard between two parts of the search.
    await setImmediate()
  }
  step = steps.next(word)
}
console.log(JSON.stringify(step.value, null, 2))
process.exitCode = step.value.verdict === 'fits' ? 0 : 1
