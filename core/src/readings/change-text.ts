import type { Mode } from '../restraint/index.ts'
import type { Settings } from './schema.ts'
import { changeText, type Change } from './staleness.ts'

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
