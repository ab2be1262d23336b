import { Sequence } from '../../ground/index.ts'
import { ask, BELT_ROUTE, BOOSTER, buildCase, judged } from '../../../test/build.ts'
import { checksByRule, fittedSubject, type Case, type Route } from '../../index.ts'

type Retractor = 'emergency-locking' | 'switchable' | 'static'
const locked = (lock: NonNullable<Route['belt']>['lock']): Route => ({ ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock } }) // prettier-ignore
const BY_RETRACTOR = locked({ kind: 'switchable-retractor' })
const BY_CLIP = locked({ kind: 'locking-clip', section: 'diagonal', fromTongueMm: 20, neededWith: ['emergency-locking'] }) // prettier-ignore
function at(route: Route, entered: Retractor | undefined, tested?: string): Case {
  const belt = { kind: 'three-point' as const, ...(entered && { retractor: entered }) }
  return buildCase({ route, position: { belt }, readings: tested === undefined ? {} : { retractor: { option: tested, at: Sequence(9) } } }) // prettier-ignore
}

test.each([
  ['switchable', undefined, 'pass', 'fix'],
  ['emergency-locking', undefined, 'fail', 'stop'],
  ['static', undefined, 'fail', 'stop'],
  [undefined, 'switchable', 'pass', 'fix'],
  [undefined, 'emergency-locking', 'fail', 'stop'],
  [undefined, 'static', 'fail', 'stop'],
  ['switchable', 'switchable', 'pass', 'fix'],
] as const)('held by the car’s own retractor; entered %s, tested %s: %s', (entered, tested, kind, severity) => {
  expect(ask('belt-retractor', at(BY_RETRACTOR, entered, tested))).toMatchObject({ kind, severity })
})
test.each([BY_RETRACTOR, BY_CLIP])('the entry and the test say two things: open, and both are asked for', (route) => {
  expect(ask('belt-retractor', at(route, 'switchable', 'emergency-locking'))).toMatchObject({
    kind: 'undecided',
    missing: ['check.retractor', 'position.belt'],
  })
})
test.each([undefined, 'unsure'])('nothing is entered, and the test says %s: it is tested', (tested) => {
  for (const route of [BY_RETRACTOR, BY_CLIP])
    expect(ask('belt-retractor', at(route, undefined, tested))).toMatchObject({ kind: 'undecided', missing: ['check.retractor'] }) // prettier-ignore
})
test('a test that was unsure is not overruled by the entry', () => {
  expect(ask('belt-retractor', at(BY_RETRACTOR, 'switchable', 'unsure')).kind).toBe('undecided')
})
test('a test from before the restraint was taken out is made again', () => {
  const c = { ...at(BY_RETRACTOR, 'switchable', 'switchable'), disturbances: { removed: { at: Sequence(10) } } }
  expect(ask('belt-retractor', c)).toMatchObject({ kind: 'undecided', missing: ['check.retractor'] })
})
test.each(['emergency-locking', 'switchable', 'static'] as const)('a clip is a lock of its own, with %s', (entered) => {
  expect(ask('belt-retractor', at(BY_CLIP, entered)).kind).toBe('pass')
})
test('nothing to say of other locks, of ISOFIX, and of a booster', () => {
  const asks = [buildCase({ route: BELT_ROUTE }), buildCase(), buildCase({ mode: BOOSTER, route: BY_RETRACTOR })]
  for (const c of asks) expect(judged('belt-retractor', c)).toEqual({ kind: 'not-applicable' })
})

test.each([
  [undefined, undefined, ['retractor']],
  ['switchable', undefined, []],
  ['switchable', 'switchable', ['retractor']],
] as const)('entered %s, tested %s: it reads %j', (entered, tested, read) => {
  expect(checksByRule(fittedSubject(at(BY_RETRACTOR, entered, tested))!).get('belt-retractor')).toEqual(read)
})
