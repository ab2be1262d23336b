import { Sequence } from '../../ground/index.ts'
import { ask, BELT_ROUTE, BOOSTER, buildCase, judged } from '../../../test/build.ts'
import { measured, type Case } from '../../index.ts'

const noted = (readings: Case['readings'], over: Parameters<typeof buildCase>[0] = {}): Case => buildCase({ readings, ...over }) // prettier-ignore
const NOTHING = { kind: 'not-applicable' }

test.each([
  // Belt and booster checks on an ISOFIX shell: asked by nobody here.
  ['belt-path', { option: 'guide-missed' }, true],
  ['belt-path', { option: 'as-listed' }, false],
  ['belt-path', { option: 'unsure' }, false],
  ['diagonal', { option: 'neck' }, true],
  // Left to a rule, and bad whatever the rule says.
  ['tether-used', { option: 'left-off' }, false],
  // Figures that are good under no rule, and for certain.
  ['buckle-above-edge-mm', { number: measured(1, 0) }, true],
  ['buckle-above-edge-mm', { number: measured(1, 2) }, false],
  ['buckle-above-edge-mm', { number: measured(0, 0) }, false],
  ['tether-indicator-mm', { number: measured(0, 0) }, true],
  ['tether-indicator-mm', { number: measured(1, 0) }, false],
  ['guide-above-shoulder-mm', { number: measured(-51, 0) }, true],
  ['guide-above-shoulder-mm', { number: measured(101, 0) }, true],
  ['guide-above-shoulder-mm', { number: measured(100, 0) }, false],
] as const)('%s noted as %j, which no rule asks for: counts for %s', (id, reading, isBad) => {
  const c = noted({ [id]: { ...reading, at: Sequence(9) } })
  if (isBad) expect(ask('unasked-bad-reading', c)).toMatchObject({ kind: 'fail', check: id })
  else expect(judged('unasked-bad-reading', c)).toEqual(NOTHING)
})
test.each([
  ['gap-behind', 'gap'],
  ['leg-contact', 'on-mat'],
  ['front-seat', 'pressing'],
])('%s seen “%s” is bad by itself on a booster, where nobody asks for it', (id, option) => {
  const c = noted({ [id]: { option, at: Sequence(9) } }, { mode: BOOSTER })
  expect(ask('unasked-bad-reading', c)).toMatchObject({ kind: 'fail', check: id })
})
test('what is asked for is its own rule’s matter, and what no longer holds is nobody’s', () => {
  expect(judged('unasked-bad-reading', noted({ 'belt-path': { option: 'guide-missed', at: Sequence(9) } }, { route: BELT_ROUTE }))).toEqual(NOTHING) // prettier-ignore
  const c = noted({ 'belt-path': { option: 'guide-missed', at: Sequence(9) } })
  expect(judged('unasked-bad-reading', { ...c, disturbances: { removed: { at: Sequence(10) } } })).toEqual(NOTHING)
  expect(judged('unasked-bad-reading', noted({}))).toEqual(NOTHING)
})
