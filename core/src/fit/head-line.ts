import { EAR_SHARE, EYE_SHARE } from '../child/index.ts'
import { exactly, type Interval } from '../quantities/index.ts'
import type { HeadRule } from '../restraint/index.ts'

/** Which line of the head each maker's rule looks at, and its share of the sitting height. */
export const HEAD_LINES = {
  'crown-inside': { what: 'Crown', share: exactly(1) },
  'eyes-below-edge': { what: 'Eyes', share: EYE_SHARE },
  'ears-below-edge': { what: 'Top of the ears', share: EAR_SHARE },
  'ears-below-vehicle-head-restraint': { what: 'Top of the ears', share: EAR_SHARE },
} as const satisfies Record<HeadRule, { readonly what: string; readonly share: Interval }>
