import { Sequence } from '../../ground/index.ts'
import { ask, BOOSTER, buildCase, judged } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'
import { measured, type Case, type Mode } from '../../index.ts'

const outdatedBy = ['turned', 'set-round', 'clothes', 'removed', 'carrier', 'child', 'insertsIn', 'strapHeightMm'] as const // prettier-ignore
const strap = (over: Partial<NonNullable<Mode['strap']>>): Partial<Mode> => ({ strap: { adjuster: { kind: 'slots', heightsMm: [230, 255, 280, 305, 330] }, ...over } }) // prettier-ignore
const GIVES = {
  'at-or-just-below': { 'just-below': 'pass', level: 'pass', 'just-above': 'fail' },
  'at-or-just-above': { 'just-below': 'fail', level: 'pass', 'just-above': 'pass' },
  level: { 'just-below': 'fail', level: 'pass', 'just-above': 'fail' },
  'level-or-just-under': { 'just-below': 'pass', level: 'pass', 'just-above': 'fail' },
} as const
for (const [rule, gives] of Object.entries(GIVES))
  looks({
    rule: 'strap-exit',
    check: 'strap-exit',
    stage: 'child-in',
    severity: 'fix',
    source: 'maker',
    on: buildCase({ mode: strap({ rule: rule as keyof typeof GIVES }) }),
    gives: { ...gives, unsure: 'undecided' },
    goesOn: ['far-off'],
    outdatedBy,
    notAsked: { 'a shield': buildCase({ mode: { heldBy: 'shield' } }), 'a booster': buildCase({ mode: BOOSTER }) },
  })

/** A shoulder at 200 mm, below the lowest slot at 230: nothing nearer can be set. */
function farOff(over: { readonly justMm?: number; readonly set?: number; readonly shoulderMm?: number; readonly inserts?: Mode['inserts'] }): Case {
  const { justMm, set, shoulderMm = 200, inserts = [] } = over
  return buildCase({
    mode: { ...strap({ rule: 'at-or-just-below', ...(justMm !== undefined && { justMm }) }), inserts },
    child: { seatedShoulderHeightMm: measured(shoulderMm, 2) },
    settings: set === undefined ? {} : { strapHeightMm: { value: set, at: Sequence(2) } },
    readings: { 'strap-exit': { option: 'far-off', at: Sequence(9) } },
  })
} // prettier-ignore
test.each([
  // 345 mm with the highest slot at 330: the nearest there is, so advice.
  [{ shoulderMm: 345, set: 330 }, 'advise'],
  [{ shoulderMm: 345, set: 305 }, 'fix'],
  [{ shoulderMm: 345 }, 'fix'],
  // The maker's own figure for "just" decides.
  [{ shoulderMm: 345, set: 330, justMm: 10 }, 'fix'],
  // Padding of which nobody has said whether it is in: no nearest is known.
  [{ shoulderMm: 345, set: 330, inserts: [{ id: 'pad', name: 'pad', thicknessMm: 20 }] }, 'fix'],
] as const)('seen far off with %j: a failure, %s', (over, severity) => {
  const outcome = ask('strap-exit', farOff(over as never))
  expect(outcome.kind).toBe('fail')
  expect(outcome.severity ?? 'fix').toBe(severity)
})
test('without a measured shoulder no setting is known to be the nearest', () => {
  const c = farOff({ set: 330 })
  const { seatedShoulderHeightMm: _, ...child } = c.child
  expect(ask('strap-exit', { ...c, child }).severity ?? 'fix').toBe('fix')
  expect(judged('strap-exit', { ...c, child, settings: {} }).kind).toBe('fail')
})
