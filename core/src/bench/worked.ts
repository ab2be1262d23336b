import { exactly, formatNumber, halfWidth, middle, type Interval } from '../quantities/index.ts'

export interface Window {
  readonly from?: number | undefined
  readonly to?: number | undefined
}

/** What one line of the bench is worked out to be, before any rule has spoken. */
export interface Worked {
  readonly label: string
  readonly value?: Interval | undefined
  readonly unit: string
  readonly wanted: string
  /** The ends that the value is wanted between, where there are figures for them; a missing end is open. */
  readonly window?: Window | undefined
  readonly missing?: string | undefined
  readonly formula: readonly string[]
  readonly filled?: readonly string[]
}

/** A number with its ± inside a formula: `(12 ± 1)°`, `36°`. */
function inFormula(x: Interval, unit: string, digits = 0): string {
  const sign = unit === '°' ? '°' : ` ${unit}`
  const half = halfWidth(x)
  const shown = formatNumber(middle(x), digits)
  return half === 0 ? `${shown}${sign}` : `(${shown} ± ${formatNumber(half, half < 1 ? 1 : digits)})${sign}`
}
export const mm = (x: Interval | number): string => inFormula(typeof x === 'number' ? exactly(x) : x, 'mm')
export const deg = (x: Interval | number): string => inFormula(typeof x === 'number' ? exactly(x) : x, '°', 1)
