import { assess, caseSchema, parseWith } from '../../src/index.ts'
import { MADE_UP } from '../kinds.ts'
import { secondOpinion } from './opinion.ts'
import { randomFitting } from './fittings.ts'

/** A few hundred in `npm test`, pinned; ten thousand by `npm run second-opinion`. */
const COUNT = Number(process.env.SECOND_OPINION ?? 600)

test('both agree on the sound fittings that the random ones begin from', () => {
  const spoken = Object.entries(MADE_UP)
  expect(spoken.map(([name, c]) => [name, secondOpinion(c).against])).toEqual(spoken.map(([name]) => [name, []]))
})

test(`no false ready among ${COUNT} random fittings, and nothing refused without a reason that both see`, () => {
  const falseReady: string[] = []
  const refused: string[] = []
  let ready = 0
  let opened = 0
  for (let seed = 1; seed <= COUNT; seed += 1) {
    const { kind, changes, case: c } = randomFitting(seed)
    if (!parseWith(caseSchema, c).ok) continue
    opened += 1
    const first = assess(c)
    const second = secondOpinion(c)
    if (first.verdict === 'ready') ready += 1
    const what = `seed ${seed}, ${kind} (${changes.join('; ')})`
    if (first.verdict === 'ready' && !second.mayBeReady) falseReady.push(`${what}: ${second.against.join(', ')}`)
    if (first.verdict !== 'ready' && second.isReady) {
      const blocking = first.findings.filter((f) => f.kind !== 'pass' && f.severity !== 'advise')
      refused.push(`${what}: ${blocking.map((f) => `${f.ruleId} (${f.kind}) ${f.reason}`).join(' | ')}`)
    }
  }
  console.log(`${opened} fittings opened, ${ready} ready, ${falseReady.length} ready and must not be, ${refused.length} refused by the rules alone`) // prettier-ignore
  expect(falseReady).toEqual([])
  expect(refused).toEqual([])
  expect(opened).toBeGreaterThan(COUNT * 0.8)
  expect(ready).toBeGreaterThan(COUNT / 20)
})
