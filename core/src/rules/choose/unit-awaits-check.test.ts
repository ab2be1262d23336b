import { IsoDate } from '../../ground/index.ts'
import { reasonOf } from '../speak.ts'
import { ask, buildCase, kindOf } from '../../../test/build.ts'
import { assess } from '../../index.ts'

const waiting = { awaitsCheck: { job: 'wash', since: IsoDate('2026-11-20') } }

test.each([
  [{}, 'not-applicable'],
  [waiting, 'fail'],
])('%j: %s', (unit, kind) => expect(kindOf('unit-awaits-check', buildCase({ unit }))).toBe(kind))

test('it is not for use, and the reason names the job and its day', () => {
  const c = buildCase({ unit: waiting })
  expect(assess(c).verdict).toBe('not-permitted')
  const outcome = ask('unit-awaits-check', c)
  expect(reasonOf(outcome)).toContain('“Cover off, wash, back on” was started on 20 Nov 2026')
})

test.each([
  ['hand-wash', '“hand wash” was started'],
  ['constructor', '“constructor” was started'],
])('a job of a file from elsewhere, %s, is called as it is', (job, words) => {
  const since = IsoDate('2026-11-20')
  expect(reasonOf(ask('unit-awaits-check', buildCase({ unit: { awaitsCheck: { job, since } } })))).toContain(words)
})
