import { Sequence } from '../../ground/index.ts'
import { ask, BELT_ROUTE, buildCase, judged } from '../../../test/build.ts'
import { checksAsked, fittedSubject, type Case, type Route } from '../../index.ts'
import { looks } from '../../../test/look.ts'

type Lock = Extract<NonNullable<Route['belt']>['lock'], { kind: 'locking-clip' }>
const clip = (neededWith?: Lock['neededWith']): Route => ({
  ...BELT_ROUTE,
  belt: { ...BELT_ROUTE.belt!, lock: { kind: 'locking-clip', section: 'diagonal', fromTongueMm: 20, ...(neededWith && { neededWith }) } }, // prettier-ignore
})
const at = (route: Route, retractor: 'emergency-locking' | 'switchable' | undefined, readings: Case['readings'] = {}) =>
  buildCase({ route, position: { belt: { kind: 'three-point', ...(retractor && { retractor }) } }, readings })

looks({
  rule: 'locking-clip',
  check: 'locking-clip',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: at(clip(['emergency-locking']), 'emergency-locking'),
  gives: { placed: 'pass', wrong: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'recline', 'wedge', 'slideMm'],
  notAsked: { 'a belt with a lock-off': buildCase({ route: BELT_ROUTE }), 'an ISOFIX route': buildCase() },
})
const isAsked = (c: Case): boolean => checksAsked(fittedSubject(c)!).has('locking-clip')
test.each([
  [['emergency-locking'] as const, 'emergency-locking', true],
  [['emergency-locking'] as const, 'switchable', false],
  [['emergency-locking', 'switchable'] as const, 'switchable', true],
  [undefined, 'switchable', true],
  // While the retractor is not known, the clip is needed.
  [['emergency-locking'] as const, undefined, true],
] as const)('the maker needs it with %j; the retractor is %s: asked for %s', (neededWith, retractor, asked) => {
  const c = at(clip(neededWith && [...neededWith]), retractor)
  expect(isAsked(c)).toBe(asked)
  expect(ask('locking-clip', c)).toMatchObject(asked ? { kind: 'undecided', missing: ['check.locking-clip'] } : { kind: 'pass' }) // prettier-ignore
})
test('one that is not needed here and was found badly placed is no pass of the fitting', () => {
  const c = at(clip(['emergency-locking']), 'switchable', { 'locking-clip': { option: 'wrong', at: Sequence(9) } })
  expect(ask('locking-clip', c).kind).toBe('pass')
  expect(ask('unasked-bad-reading', c)).toMatchObject({ kind: 'fail', check: 'locking-clip' })
})
test('a restraint whose belt holds the child takes no clip', () => {
  expect(judged('locking-clip', buildCase({ mode: { heldBy: 'vehicle-belt' }, route: clip() }))).toEqual({ kind: 'not-applicable' }) // prettier-ignore
})
