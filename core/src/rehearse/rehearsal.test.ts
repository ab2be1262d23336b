import { Sequence } from '../ground/index.ts'
import { demoFittings } from '../../test/kinds.ts'
import { assess } from '../verdict/index.ts'
import { CHECK_IDS, checkOf } from '../checks/index.ts'
import type { Case } from '../casefile/index.ts'
import { badReading, goThrough, puttingGoodReadings, Rehearsal, setUp } from './index.ts'

const pace = (_stage: string, answers: number): number => 10 * answers
/** The same fitting before anybody set or looked at anything. */
const untouched = ({ settings: _s, readings: _r, stepsDone: _d, ...c }: Case): Case => ({
  ...c,
  settings: {},
  readings: {},
})

test.each([...demoFittings()])('%s: gone through, it ends ready', (_, c) => {
  const rehearsal = new Rehearsal(untouched(c))
  expect([goThrough(rehearsal, pace), assess(rehearsal.case).headline]).toEqual([true, assess(c).headline])
  expect(rehearsal.moves.every((m) => m.puts.length > 0 && m.seconds > 0)).toBe(true)
})

test('what was wrong and put right is looked at again, with all that it un-passed', () => {
  const [, c] = [...demoFittings()].find(([name]) => name.includes('isofix-leg')) as [string, Case]
  const rehearsal = new Rehearsal(untouched(c))
  setUp(rehearsal, pace)
  const asked = puttingGoodReadings(rehearsal.case, 'attach')
  const wrong = badReading('latch-right', Sequence(0))
  rehearsal.enter([...asked, { path: ['readings', 'latch-right'], value: { option: wrong?.option } }], 60)
  expect(assess(rehearsal.case).verdict).toBe('not-ready')
  const good = asked.find((p) => p.path[1] === 'latch-right')
  rehearsal.enter(good ? [good] : [], 20)
  expect(puttingGoodReadings(rehearsal.case, 'attach').length).toBeGreaterThan(0)
  expect(goThrough(rehearsal, pace)).toBe(true)
})

test('a bad reading is bad: its option says so, its number is beyond what practice accepts', () => {
  for (const id of CHECK_IDS) {
    const check = checkOf(id)
    const bad = badReading(id, Sequence(1))
    if (check.kind !== 'options') continue
    const means = check.options.find((o) => o.id === bad?.option)?.means
    expect([id, means]).toEqual([id, check.options.some((o) => o.means === 'fail') ? 'fail' : undefined])
  }
})

test('an entry that the case file refuses changes nothing', () => {
  const rehearsal = new Rehearsal(untouched([...demoFittings().values()][0] as Case))
  const before = rehearsal.case
  expect(rehearsal.enter([{ path: ['child', 'massKg'], value: 'heavy' }], 5)).toBe(false)
  expect([rehearsal.case, rehearsal.moves]).toEqual([before, []])
})
