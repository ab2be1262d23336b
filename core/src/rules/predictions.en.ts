import { formatInterval, type Interval } from '../quantities/index.ts'
import type { CheckId } from '../checks/index.ts'
import type { Need } from './rule.ts'

/** What was worked out before, beside what was then seen or measured. */
export interface Comparison {
  readonly checkId: CheckId
  readonly predicted: Interval
  /** As measured, or the option that was seen. */
  readonly seen: Interval | 'clear' | 'touching' | 'pressing'
  readonly agrees: boolean
  /** Both sides were measured or read: a difference is a contradiction, and holds the verdict. */
  readonly isBinding: boolean
  /** What may be corrected, beside the check itself. */
  readonly rests: readonly Need[]
}

/** What was worked out and seen, and what to look at again where the two differ. */
const COMPARED: Partial<Record<CheckId, { readonly what: string; readonly unit: string; readonly lookAt: string }>> = {
  'shell-angle-deg': {
    what: 'Shell angle',
    unit: '°',
    lookAt: 'the recline that is set, the wedge and the cushion’s slope',
  },
  'front-seat': {
    what: 'Room in front of the shell',
    unit: 'mm',
    lookAt: 'where the seat in front stands, the recline and the slope',
  },
  'buckle-above-edge-mm': {
    what: 'Buckle above the edge',
    unit: 'mm',
    lookAt: 'the belt’s path, and the figures of car and restraint',
  },
  'guide-above-shoulder-mm': {
    what: 'Belt guide above the shoulder',
    unit: 'mm',
    lookAt: 'the guide’s height, and the child’s shoulder',
  },
  'crown-below-edge-mm': {
    what: 'Crown below the edge',
    unit: 'mm',
    lookAt: 'the insert, the sitting height, and whether the hips are right back',
  },
}
const SEEN = { clear: 'a clear gap', touching: 'touching', pressing: 'pressing hard' } as const

export function comparedOf(c: Comparison): { readonly what: string; readonly lookAt: string; readonly both: string } {
  const text = COMPARED[c.checkId]
  if (text === undefined) throw new Error(`Nothing is said of comparing ${c.checkId}`)
  const { what, unit, lookAt } = text
  const show = (x: Comparison['predicted']) => formatInterval(x, unit, unit === '°' ? 1 : 0).replace(' °', '°')
  const seen = typeof c.seen === 'string' ? SEEN[c.seen] : show(c.seen)
  return { what, lookAt, both: `${what}: calculated ${show(c.predicted)}, found ${seen}.` }
}
