import { Sequence } from '../../ground/index.ts'
import { ask, buildCase, buildRoute, FORWARD, judged, TETHER_ROUTE } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'
import type { Case, Route } from '../../index.ts'

const outdatedBy = ['connectors', 'base', 'turned', 'set-round', 'removed', 'left', 'recline', 'wedge', 'frontSeatGapMm',
    'shared-seat', 'slideMm'] as const // prettier-ignore
const table = { rule: 'front-seat', check: 'front-seat', stage: 'attach', severity: 'fix', source: 'maker', outdatedBy } as const // prettier-ignore
const on = (frontSeat: Route['frontSeat'], practice: Partial<Case['practice']> = { frontSeatGap: 'as-maker-says' }) =>
  buildCase({ route: buildRoute({ frontSeat }), practice })

looks({
  ...table,
  on: on('either'),
  gives: { clear: 'pass', touching: 'pass', pressing: 'fail', unsure: 'undecided' },
  notAsked: { 'a shell that faces forward': buildCase({ mode: FORWARD, route: TETHER_ROUTE }) },
})
looks({ ...table, on: on('must-touch'), gives: { touching: 'pass', clear: 'fail', pressing: 'fail', unsure: 'undecided' }, notAsked: {} }) // prettier-ignore
looks({ ...table, on: on('must-not-touch'), gives: { clear: 'pass', touching: 'fail', pressing: 'fail', unsure: 'undecided' }, notAsked: {} }) // prettier-ignore

const school = { frontSeatGap: 'clear-gap-always' } as const
const seen = (c: Case, option: string) => ({ ...c, readings: { 'front-seat': { option, at: Sequence(9) } } })
test.each([
  // A mere touch where the maker takes either is a matter of schools: advice.
  ['either', 'clear', 'pass', 'fix', 'maker'],
  ['either', 'touching', 'fail', 'advise', 'practice'],
  ['either', 'pressing', 'fail', 'fix', 'maker'],
  ['either', 'unsure', 'undecided', 'fix', 'maker'],
  // The maker's word beats the school.
  ['must-touch', 'touching', 'pass', 'fix', 'maker'],
  ['must-touch', 'clear', 'fail', 'fix', 'maker'],
  ['must-not-touch', 'touching', 'fail', 'fix', 'maker'],
] as const)('the school of a clear gap; the maker says %s; seen %s: %s, %s by %s', (maker, option, kind, severity, source) => {
  expect(ask('front-seat', seen(on(maker, school), option))).toMatchObject({ kind, severity, source })
}) // prettier-ignore
test.each(['clear', 'touching', 'pressing', 'unsure', undefined])('seen %s, and nobody has read what the maker asks: open', (option) => {
  const silent = buildCase({ unstated: true })
  const c = option === undefined ? silent : seen(silent, option)
  expect(ask('front-seat', c)).toMatchObject({ kind: 'undecided', missing: ['route.frontSeat', 'check.front-seat'] })
}) // prettier-ignore
test('a lie-flat has no seat in front of its length to touch', () => {
  expect(judged('front-seat', buildCase({ mode: { direction: 'lateral', shape: 'lie-flat' } }))).toEqual({ kind: 'not-applicable' }) // prettier-ignore
})
