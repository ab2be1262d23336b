import { buildCase, buildStatedMode, byMass, judged } from '../../../test/build.ts'
import { measured, type Case, type Quantity } from '../../index.ts'

/** Rearward to 10 kg, then a harness from 12 kg. */
const at = (massKg: Quantity | undefined, fromKg = 12): Case => {
  const c = buildCase({ mode: byMass(['0'], { massKg: { to: 10 } }), child: { massKg } })
  const [model] = c.restraints
  const next = buildStatedMode({
    id: 'next',
    ...byMass(['I'], { direction: 'forward', massKg: { from: fromKg, to: 18 } }),
  })
  return { ...c, restraints: [{ ...model!, modes: [model!.modes[0]!, next] }] }
}
test.each([
  [10, 0, 'pass'],
  [10.1, 0, 'fail'],
  [11.9, 0, 'fail'],
  [12, 0, 'pass'],
  [10, 0.2, 'undecided'],
  [11, 3, 'undecided'],
] as const)('%s ± %s kg of a child, no mode between 10 and 12: %s', (kg, u, kind) => {
  expect(judged('stage-gap', at(measured(kg, u)))).toMatchObject({
    kind,
    range: { from: 10, to: 12 },
    unit: 'kg',
    ...(kind === 'undecided' && { missing: ['child.massKg'] }),
  })
})
test('unknown is undecided; without a gap nothing is said', () => {
  expect(judged('stage-gap', at(undefined))).toMatchObject({ kind: 'undecided', missing: ['child.massKg'] })
  expect(judged('stage-gap', at(measured(11), 10))).toEqual({ kind: 'not-applicable' })
  expect(judged('stage-gap', buildCase())).toEqual({ kind: 'not-applicable' })
})
