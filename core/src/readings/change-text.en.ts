import { checkLabel } from '../checks/index.ts'
import type { Mode } from '../restraint/index.ts'
import type { ChildMeasure, Disturbance, Settings } from './schema.ts'
import { isMeasureChange, isRedoing, redoneCheck, type Change, type NamedChange } from './staleness.ts'

/** What happened to an installation and left no setting behind. */
export const DISTURBANCE_TEXT: Readonly<Record<Disturbance, string>> = {
  connectors: 'connectors released or latched again',
  base: 'base moved',
  tether: 'tether slackened or moved',
  turned: 'turned on its base',
  'set-round': 'lifted off its base and set round',
  harness: 'harness loosened',
  clothes: 'child out, or other clothes',
  removed: 'taken out of the car',
  left: 'car left to others',
  driven: 'driven',
  carrier: 'shell taken off its base and set on again',
  child: 'another child',
  beside: 'what stands beside it was changed',
  'shared-seat': 'the seat in front, or who sits on it, was changed',
}

const CHANGE_TEXT: Record<NamedChange, string> = {
  choice: 'another restraint, mode, place or route was chosen',
  recline: 'the recline was changed',
  legNotch: 'the leg was set to another notch',
  strapHeightMm: 'the strap height was changed',
  wedge: 'the wedge was changed',
  insertsIn: 'the inserts were changed',
  vehicleHeadRestraint: 'the vehicle head restraint was changed',
  frontSeatGapMm: 'the front seat was moved',
  slideMm: 'the shell was slid on its base',
  ...DISTURBANCE_TEXT,
}

const MEASURE_TEXT: Record<ChildMeasure, string> = {
  massKg: 'the child’s mass was changed',
  statureCm: 'the child’s stature was changed',
  seatedShoulderHeightMm: 'the seated shoulder height was changed',
  sittingHeightMm: 'the sitting height was changed',
}

/** A change in words, as the second half of "… after it was checked". */
export function changeText(change: Change): string {
  if (isMeasureChange(change)) return MEASURE_TEXT[change.slice('child.'.length) as ChildMeasure]
  if (isRedoing(change)) {
    return `“${checkLabel(redoneCheck(change)).replace(/^./, (x) => x.toLowerCase())}” was bad and corrected`
  }
  return CHANGE_TEXT[change]
}

const IN_WORDS: { readonly [K in keyof Settings]-?: (value: NonNullable<Settings[K]>['value'], mode?: Mode) => string } = {
  recline: (id, mode) => mode?.reclines?.find((r) => r.id === id)?.label ?? id,
  legNotch: (notch) => `notch ${notch}`,
  strapHeightMm: (mm) => `${mm} mm`,
  wedge: (isIn) => (isIn ? 'in' : 'none'),
  insertsIn: (ids, mode) =>
    ids.map((id) => mode?.inserts?.find((i) => i.id === id)?.name.toLowerCase() ?? id).join(', ') || 'none in',
  vehicleHeadRestraint: (where) => where.replaceAll('-', ' '),
  frontSeatGapMm: (mm) => `${mm} mm`,
  slideMm: (mm) => `${mm} mm`,
} // prettier-ignore
const SUBJECT: Record<keyof Settings, string> = {
  recline: 'the recline went',
  legNotch: 'the leg went',
  strapHeightMm: 'the strap height went',
  wedge: 'the wedge went',
  insertsIn: 'the inserts went',
  vehicleHeadRestraint: 'the vehicle head restraint went',
  frontSeatGapMm: 'the front seat went',
  slideMm: 'the shell on its base went',
}

/**
 * What happened after a check, from what to what where that is known: "the
 * recline went from 2 to 4". A value set again at what it was counts as a change.
 */
export function changeSentence(change: Change, settings: Settings, mode?: Mode): string {
  if (!(change in SUBJECT)) return changeText(change)
  const id = change as keyof Settings
  const set = settings[id] as { readonly value: unknown; readonly was?: unknown } | undefined
  if (set?.was === undefined) return changeText(change)
  const words = IN_WORDS[id] as (value: unknown, mode?: Mode) => string
  const [from, to] = [words(set.was, mode), words(set.value, mode)]
  return from === to ? `${SUBJECT[id].replace(' went', ' was')} set again` : `${SUBJECT[id]} from ${from} to ${to}`
}
