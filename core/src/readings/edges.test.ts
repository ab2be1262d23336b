import { Sequence } from '../ground/index.ts'
import { CHECK_IDS, CHILD_MEASURES, staleReadings, UNPASSES, type CheckId } from '../index.ts'

/** What each check is looked at again after, beside another choice and the restraint out of the car; and after which measure of the child. */
const TABLE = [
  ['airbag-lamp', 'left', ''],
  ['angle-proof', 'base connectors legNotch recline set-round slideMm turned wedge', ''],
  ['backrest-latched', 'left', ''],
  ['belt-locked', 'base connectors insertsIn recline slideMm wedge', ''],
  ['belt-path', 'base connectors slideMm', ''],
  ['belt-tension', 'base connectors insertsIn recline slideMm wedge', ''],
  ['belt-twist', 'base connectors slideMm', ''],
  ['bench-set', 'left', ''],
  ['buckle-above-edge-mm', 'base beside connectors recline slideMm wedge', ''],
  ['buckle-clear', 'base beside connectors recline slideMm wedge', ''],
  ['carry-handle', 'carrier set-round', ''],
  [
    'clear-all-round',
    'base beside connectors legNotch recline set-round slideMm turned vehicleHeadRestraint wedge',
    '',
  ],
  ['connector-straps', 'base connectors slideMm', ''],
  ['console-out', 'left', ''],
  ['floor-box', 'left', ''],
  ['front-seat', 'base connectors frontSeatGapMm left recline set-round shared-seat slideMm turned wedge', ''],
  ['gap-behind', 'base connectors legNotch set-round slideMm vehicleHeadRestraint wedge', ''],
  ['gap-under', 'base connectors legNotch set-round slideMm vehicleHeadRestraint wedge', ''],
  ['head-inboard', 'child', ''],
  ['label-serial', '', ''],
  ['latch-left', 'base connectors legNotch recline slideMm', ''],
  ['latch-right', 'base connectors legNotch recline slideMm', ''],
  ['latches-again', 'base connectors legNotch recline set-round slideMm tether wedge', ''],
  ['leg-contact', 'base connectors legNotch recline slideMm wedge', ''],
  ['leg-indicator', 'base connectors legNotch recline slideMm wedge', ''],
  ['locking-clip', 'base connectors recline slideMm wedge', ''],
  ['lower-tethers', 'base connectors set-round slideMm', ''],
  ['lower-tethers-used', 'base connectors slideMm', ''],
  ['nothing-added', 'base connectors slideMm', ''],
  ['old-padding', '', ''],
  ['pushed-home', 'base connectors slideMm', ''],
  ['rebound-bar', 'base connectors slideMm', ''],
  ['retractor', '', ''],
  ['room-beside', 'base beside connectors slideMm', ''],
  ['seat-fully-back', 'left shared-seat', ''],
  ['shell-angle-deg', 'base connectors legNotch recline set-round slideMm turned wedge', ''],
  ['shell-on-base', 'base carrier connectors set-round slideMm', ''],
  ['steadiness-felt', 'base connectors set-round slideMm wedge', ''],
  ['steadiness-mm', 'base connectors set-round slideMm wedge', ''],
  ['tether-flat', 'base connectors recline set-round slideMm tether vehicleHeadRestraint', ''],
  ['tether-indicator-mm', 'base connectors recline set-round slideMm tether vehicleHeadRestraint', ''],
  ['tether-point', 'base connectors set-round slideMm tether', ''],
  ['tether-used', 'base connectors set-round slideMm tether', ''],
  ['tug-left', 'base connectors slideMm', ''],
  ['tug-right', 'base connectors slideMm', ''],
  ['belt-buckle', 'child clothes', ''],
  ['belt-runs', 'child clothes', ''],
  ['belt-slack', 'child clothes', 'massKg'],
  ['booster-back', 'base child clothes connectors slideMm vehicleHeadRestraint', ''],
  ['booster-path', 'child clothes', ''],
  ['booster-twist', 'child clothes', ''],
  ['chin', 'base carrier child clothes connectors insertsIn legNotch recline set-round slideMm turned wedge', ''],
  ['coat', 'carrier child clothes harness set-round turned', ''],
  ['coat-hides-mm', 'carrier child clothes harness set-round turned', 'massKg'],
  ['crotch-guide', 'child clothes', ''],
  [
    'crown-below-edge-mm',
    'carrier child clothes insertsIn recline set-round strapHeightMm turned vehicleHeadRestraint',
    'statureCm sittingHeightMm',
  ],
  ['diagonal', 'child clothes strapHeightMm', 'statureCm seatedShoulderHeightMm'],
  ['forward-guard', 'child set-round turned', ''],
  ['guide-above-shoulder-mm', 'child clothes strapHeightMm', 'statureCm seatedShoulderHeightMm'],
  ['guide-gate', 'child clothes strapHeightMm', ''],
  ['harness-buckle', 'carrier child clothes harness set-round turned', ''],
  [
    'head',
    'carrier child clothes insertsIn recline set-round strapHeightMm turned vehicleHeadRestraint',
    'statureCm sittingHeightMm',
  ],
  ['knees', 'child clothes', 'statureCm'],
  ['lap-section', 'child clothes', ''],
  ['side-pod', 'child set-round turned', ''],
  [
    'slack-mm',
    'carrier child clothes harness insertsIn set-round strapHeightMm turned',
    'massKg seatedShoulderHeightMm',
  ],
  [
    'slack-pinch',
    'carrier child clothes harness insertsIn set-round strapHeightMm turned',
    'massKg seatedShoulderHeightMm',
  ],
  ['strap-exit', 'carrier child clothes insertsIn set-round strapHeightMm turned', 'statureCm seatedShoulderHeightMm'],
  [
    'strap-pressure',
    'carrier child clothes harness insertsIn set-round strapHeightMm turned',
    'massKg seatedShoulderHeightMm',
  ],
  ['strap-twist', 'carrier child clothes harness set-round turned', ''],
  ['turn-lock', 'child set-round turned', ''],
] as const satisfies readonly (readonly [CheckId, string, string])[]
const words = (text: string): readonly string[] => text.split(' ').filter(Boolean)

test('every check stands in the table', () => {
  expect(TABLE.map(([id]) => id)).toEqual(CHECK_IDS)
})
test.each(TABLE)('%s is outdated by: %s %s', (id, changes, measures) => {
  const by = Object.entries(UNPASSES).flatMap(([change, ids]) => (ids.includes(id) ? [change] : []))
  expect(by.toSorted()).toEqual([...words(changes), 'choice', 'removed'].toSorted())
  const stale = CHILD_MEASURES.filter((measure) =>
    staleReadings({
      choiceAt: 0,
      settings: {},
      disturbances: {},
      readings: { [id]: { at: Sequence(1) } },
      childChanged: { [measure]: { at: Sequence(2) } },
    }).has(id),
  )
  expect(stale.toSorted()).toEqual(words(measures).toSorted())
})
