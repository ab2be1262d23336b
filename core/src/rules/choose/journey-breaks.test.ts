import { IsoDate } from '../../ground/index.ts'
import { reasonOf } from '../speak.ts'
import { judged, buildCase, withEverythingGood } from '../../../test/build.ts'
import { CONFIGURATIONS } from '../../../test/configurations.ts'
import { assess, type Child } from '../../index.ts'

const at = (dateOfBirth: string, journeyMinutes?: number, over: Partial<Child> = {}) => {
  const c = buildCase({ child: { dateOfBirth: IsoDate(dateOfBirth), bornAtWeeks: 40, ...over } })
  return judged('journey-breaks', journeyMinutes === undefined ? c : { ...c, journeyMinutes })
}

test.each([
  ['2026-09-25', 30, 30, 'in one go'],
  ['2026-09-25', 31, 30, 'one break'],
  ['2026-09-25', 91, 30, '3 breaks'],
  ['2026-08-10', 60, 60, 'in one go'],
  ['2026-08-10', 61, 60, 'one break'],
])('born %s, %s minutes: at most %s at a time, %s', (dateOfBirth, minutes, limit, words) => {
  const said = at(dateOfBirth, minutes)
  expect(said).toMatchObject({ kind: 'pass', limit, unit: 'min' })
  expect(said.kind === 'pass' && reasonOf(said)).toContain(words)
})

test('asked under six months of corrected age, and never blocks', () => {
  expect(at('2026-05-26')).toMatchObject({ kind: 'undecided', missing: ['journeyMinutes'] })
  expect(at('2026-05-24')).toEqual({ kind: 'not-applicable' })
  expect(at('2026-04-20', undefined, { bornAtWeeks: 33 })).toMatchObject({ kind: 'undecided' })
  expect(assess(withEverythingGood(CONFIGURATIONS['infant of four months']!)).verdict).toBe('ready')
})
