import { BELT_ROUTE, buildCase, buildRoute, buildStatedMode, FORWARD, TETHER_ROUTE, TURNS } from '../../test/build.ts'
import {
  directionChangeOf,
  disturbancesOf,
  fittedSubject,
  planJob,
  type Case,
  type Mode,
  type RestraintModel,
} from '../index.ts'

const both = (over: Partial<Mode>, model: Partial<RestraintModel> = {}): Case => {
  const c = buildCase({ mode: over })
  const [own] = c.restraints
  return {
    ...c,
    restraints: [{ ...own!, ...model, modes: [own!.modes[0]!, buildStatedMode({ ...FORWARD, ...over })] }],
  }
}

test.each([
  ['one direction', buildCase(), undefined, []],
  ['a shell that turns', both(TURNS), 'turns-on-base', ['turned']],
  ['stated to lift off', both({}, { directionChange: 'lifts-off' }), 'lifts-off', ['set-round']],
  ['no shell turns, nothing stated', both({}), 're-installed', []],
  ['stated to be installed anew', both({}, { directionChange: 're-installed' }), 're-installed', []],
] as const)('%s: its direction is changed by %s', (_, c, kind, offered) => {
  expect(directionChangeOf(c.restraints[0]!)).toBe(kind)
  const all = disturbancesOf(fittedSubject(c)!, 'attach')
  expect(all.filter((d) => d === 'turned' || d === 'set-round')).toEqual(offered)
})
test.each([
  ['ISOFIX with leg', buildRoute(), ['connectors', 'base', 'left', 'removed'], ['harness', 'clothes', 'child']],
  ['with tether', TETHER_ROUTE, ['connectors', 'base', 'tether', 'left', 'removed'], ['harness', 'clothes', 'child']],
  ['by belt', BELT_ROUTE, ['base', 'left', 'removed'], ['harness', 'clothes', 'child']],
  [
    'on a base, arms that creep',
    buildRoute({ usesBase: true, isofix: { connectors: 'rigid', role: 'holds', armsMayCreep: true } }),
    ['connectors', 'base', 'driven', 'left', 'removed'],
    ['carrier', 'harness', 'clothes', 'child'],
  ],
] as const)('what may have happened meanwhile, %s', (_, route, attach, childIn) => {
  const s = fittedSubject(buildCase({ route }))!
  expect([disturbancesOf(s, 'attach'), disturbancesOf(s, 'child-in')]).toEqual([attach, childIn])
})
test.each([
  ['turns-on-base', both(TURNS), ['manual', 'turn', 'recline', 'straps']],
  [
    'lifts-off',
    both({}, { directionChange: 'lifts-off' }),
    ['manual', 'off-its-base', 'set-round', 'recline', 'straps', 'path'],
  ],
  ['re-installed', both({}), ['manual', 'out-of-car', 'anew', 'recline', 'straps', 'path']],
] as const)('the job that changes the direction, %s: turning is no taking out', (_, c, ids) => {
  const [model] = c.restraints
  const [mode, toMode] = model!.modes
  expect(planJob('convert', { model: model!, mode: mode!, toMode: toMode! }).steps.map((s) => s.id)).toEqual(ids)
})
