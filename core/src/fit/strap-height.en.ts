import { formatNumber } from '../quantities/index.ts'
import type { StrapRule } from '../restraint/index.ts'
import type { Exit } from './strap-height.ts'

export const STRAP_RULE_TEXT = {
  'at-or-just-below': 'at or just below the shoulder',
  'at-or-just-above': 'at or just above the shoulder',
  level: 'level with the shoulder',
  'level-or-just-under': 'level with the shoulder or just under it',
} as const satisfies Record<StrapRule, string>

/** "slot 3 (280 mm)", "280 mm". */
export const slotText = (slot: number | undefined, heightMm: number): string =>
  slot === undefined ? `${formatNumber(heightMm, 0)} mm` : `slot ${slot} (${formatNumber(heightMm, 0)} mm)`

/** The same; a gauge above the exit is read higher, and says so. */
export const exitText = ({ mm, slot, atGaugeMm }: Exit): string =>
  `${slotText(slot, mm)}${atGaugeMm === 0 ? '' : `, read at the head support’s lower edge ${formatNumber(mm + atGaugeMm, 0)} mm`}`
