import { type Sequence } from '../ground/index.ts'
import { checkOf, type CheckId } from '../checks/index.ts'
import { measured, type Quantity } from '../quantities/index.ts'
import type { Reading } from '../readings/index.ts'
import { airbagAsked, type FittedSubject } from '../rules/index.ts'

/**
 * What each check finds where all is well. For rehearsals: demonstrations and tests put it in as a fitter would
 * who looked; it is never assumed of a fitting.
 */

/** Figures that the usual limits of practice pass; in the check's own unit. */
const GOOD_NUMBER: Partial<Record<CheckId, number>> = {
  'steadiness-mm': 8,
  'slack-mm': 9,
  'tether-indicator-mm': 22,
  'buckle-above-edge-mm': -20,
  'guide-above-shoulder-mm': 10,
  'crown-below-edge-mm': 60,
  'coat-hides-mm': 2,
}
const GOOD_OPTION: Partial<Record<CheckId, string>> = {
  'strap-exit': 'level',
  'front-seat': 'clear',
  coat: 'indoor',
  'airbag-lamp': 'off-seen',
  retractor: 'switchable',
}

/** What a measurement should find where it can be worked out: a good one agrees with it. */
function workedOut(id: CheckId, { mode, route, position, settings, child }: FittedSubject): number | undefined {
  const value = (q: Quantity | undefined) => q?.value
  switch (id) {
    case 'buckle-above-edge-mm': {
      const [top, edge] = [value(position.belt?.buckleTopMm), route.belt?.pathEdgeAboveBightMm]
      return top === undefined || edge === undefined ? undefined : top - edge
    }
    case 'crown-below-edge-mm': {
      const [edge, sitting] = [mode.shellEdgeMm, value(child.sittingHeightMm)]
      const inserts = (mode.inserts ?? []).filter((i) => settings.insertsIn?.value.includes(i.id))
      if (edge === undefined || sitting === undefined) return undefined
      return edge - sitting - inserts.reduce((sum, i) => sum + i.thicknessMm, 0)
    }
    case 'guide-above-shoulder-mm': {
      const [set, shoulder] = [settings.strapHeightMm?.value, value(child.seatedShoulderHeightMm)]
      return set === undefined || shoulder === undefined ? undefined : set - shoulder
    }
    default:
      return undefined
  }
}

/** The reading of a check that is good in this fitting, made at sequence `at`. */
export function goodReading(id: CheckId, at: Sequence, subject?: FittedSubject): Reading {
  const check = checkOf(id)
  if (subject !== undefined) {
    const worked = workedOut(id, subject)
    if (worked !== undefined) return { number: measured(worked, 1), at }
    if (id === 'forward-guard') return { option: subject.mode.direction === 'forward' ? 'released' : 'set', at }
    if (id === 'airbag-lamp' && subject.mode.direction === 'forward' && airbagAsked(subject) === 'on')
      return { option: 'on', at }
    if (id === 'retractor') return { option: subject.position.belt?.retractor ?? 'switchable', at }
    if (id === 'front-seat' && subject.route.frontSeat === 'must-touch') return { option: 'touching', at }
    if (id === 'steadiness-mm' && subject.mode.steadinessMm !== undefined) return { number: measured(0), at }
  }
  if (check.kind === 'number') return { number: measured(GOOD_NUMBER[id] ?? 0, 1), at }
  const option = GOOD_OPTION[id] ?? check.options.find((o) => o.means === 'pass')?.id
  return { option, at } as Reading
}

/** Figures beyond the usual limits, where a check is a number and somebody got it wrong. */
const BAD_NUMBER: Partial<Record<CheckId, number>> = {
  'steadiness-mm': 38,
  'slack-mm': 34,
  'coat-hides-mm': 40,
  'guide-above-shoulder-mm': 70,
}

/** What a check finds where it is wrong; nothing for one that cannot be. */
export function badReading(id: CheckId, at: Sequence): Reading | undefined {
  const check = checkOf(id)
  if (check.kind === 'number') {
    const value = BAD_NUMBER[id]
    return value === undefined ? undefined : { number: measured(value, 1), at }
  }
  const option = check.options.find((o) => o.means === 'fail')?.id
  return option === undefined ? undefined : ({ option, at } as Reading)
}
