import { chosenIn, type Case } from '../casefile/index.ts'
import { stepsFor } from '../procedure/index.ts'
import type { FittedSubject, Need } from '../rules/index.ts'
import { moreClosely, type NeedText } from './needs.en.ts'
import { STAGES, type Stage } from './words.ts'

/** What is to be found out, and what to do for it. */
export interface MeasureNext {
  readonly need: Need | 'vehicle' | 'mode' | 'place'
  readonly label: string
  /** What to do to get to know it, as a command: "Weigh the child". */
  readonly ask: string
  readonly stage: Stage
  readonly settles: number
}

/** A figure that is there already is asked for more closely. */
export function closer(text: NeedText, need: Need, c: Case): NeedText {
  const { cushion } = chosenIn(c).position ?? {}
  const is: Partial<Record<Need, unknown>> = {
    'child.massKg': c.child.massKg,
    'child.statureCm': c.child.statureCm,
    'child.seatedShoulderHeightMm': c.child.seatedShoulderHeightMm,
    'child.sittingHeightMm': c.child.sittingHeightMm,
    'position.cushionSlopeDeg': cushion?.slopeDeg,
    'position.cushionHeightMm': cushion?.frontEdgeAboveFloorMm,
  }
  return is[need] === undefined ? text : { ...text, ask: moreClosely(text.ask) }
}

/** Settings in the order in which they are set: padding first, and what is measured for one before it. */
const SETTING_ORDER: readonly MeasureNext['need'][] = [
  'setting.insertsIn',
  'position.cushionSlopeDeg',
  'setting.wedge',
  'setting.recline',
  'setting.strapHeightMm',
  'position.cushionHeightMm',
  'setting.legNotch',
]

/**
 * In the order of work: nothing at the car before the child is measured and the
 * mode chosen; the settings as they are set; at the car and at the child as the
 * hands go; of the rest what settles most comes first.
 */
export function inOrderOfWork(
  needs: readonly MeasureNext[],
  fitted: FittedSubject | undefined,
): readonly MeasureNext[] {
  const isByHand = ({ stage }: MeasureNext): boolean => stage === 'attach' || stage === 'child-in'
  const steps = fitted && needs.filter(isByHand).length > 1 ? stepsFor(fitted) : []
  const byHand = new Map<string, number>()
  for (const step of steps) {
    for (const key of [`step.${step.id}`, ...step.checks.map((id) => `check.${id}`)]) byHand.set(key, byHand.size)
  }
  const place = (n: MeasureNext): number => {
    if (isByHand(n)) return byHand.get(n.need) ?? -1
    const at = SETTING_ORDER.indexOf(n.need)
    return n.stage === 'set-up' ? (at < 0 ? SETTING_ORDER.length : at) : 0
  }
  const stage = (n: MeasureNext): number => STAGES.indexOf(n.stage)
  return needs.toSorted((a, b) => stage(a) - stage(b) || place(a) - place(b) || b.settles - a.settles)
}
