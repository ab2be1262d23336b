import { EAR_SHARE, EYE_SHARE } from '../child/index.ts'
import { exactly, interval, middle, type Decision, type Interval } from '../quantities/index.ts'
import { STRICT_CROWN_MM, type PracticeProfile } from '../practice/index.ts'
import type { HeadRule, Mode } from '../restraint/index.ts'
import * as msg from './messages.en.ts'

/** Which line of the head each maker's rule looks at, and its share of the sitting height. */
export const HEAD_LINES = {
  'crown-inside': { what: msg.crown, share: exactly(1) },
  'eyes-below-edge': { what: msg.eyes, share: EYE_SHARE },
  'ears-below-edge': { what: msg.topOfTheEars, share: EAR_SHARE },
  'ears-below-vehicle-head-restraint': { what: msg.topOfTheEars, share: EAR_SHARE },
} as const satisfies Record<HeadRule, { readonly what: string; readonly share: Interval }>

/** How far below the edge the head's line must stand, in mm, and who asks for it; the maker's figure beats the school's. */
export function headBelowEdge(
  mode: Mode,
  practice: Pick<PracticeProfile, 'infantHead'>,
): { readonly mm: number; readonly by: 'maker' | 'practice' | 'usual' } {
  if (mode.headBelowEdgeMm !== undefined) return { mm: mode.headBelowEdgeMm, by: 'maker' }
  const isStrict =
    practice.infantHead === 'margin-25-mm' && mode.headRule === 'crown-inside' && mode.shape === 'infant-shell'
  return isStrict ? { mm: STRICT_CROWN_MM, by: 'practice' } : { mm: 0, by: 'usual' }
}

/** Height of a head's line above the seat, in mm, as a share of the sitting height. */
export const lineHeightMm = (sittingMm: Interval, share: Interval): Interval =>
  interval(sittingMm.lo * share.lo, sittingMm.hi * share.hi)

/** Whether even an exact sitting height would leave it open: the doubt is where on the head the line stands. */
export const isDoubtOfShare = (sittingMm: Interval, share: Interval, judge: (line: Interval) => Decision): boolean =>
  judge(lineHeightMm(exactly(middle(sittingMm)), share)) === 'undecided'
