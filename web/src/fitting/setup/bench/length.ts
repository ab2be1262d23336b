import { NO_FIGURE, type BenchLine } from '@nimble-anchor/core/bench'
import { formatInterval, interval, type Interval } from '@nimble-anchor/core/quantities'

export const LENGTH_UNITS = { mm: 'mm', cm: 'cm', in: 'inches' } as const
export type LengthUnit = keyof typeof LENGTH_UNITS

const PER_MM: Record<LengthUnit, number> = { mm: 1, cm: 0.1, in: 1 / 25.4 }
const DIGITS: Record<LengthUnit, number> = { mm: 0, cm: 1, in: 2 }

/** A length in the unit that the fitter likes; records stay in mm. */
export function lengthText(mm: Interval | number, unit: LengthUnit): string {
  const x = typeof mm === 'number' ? interval(mm, mm) : mm
  const per = PER_MM[unit]
  return formatInterval(interval(x.lo * per, x.hi * per), unit, DIGITS[unit])
}

/** The value of a line of the bench in that unit; angles stay degrees. */
export function valueText(line: BenchLine, unit: LengthUnit): string {
  if (line.value === undefined) return NO_FIGURE[line.state === 'pass' ? 'settled' : 'open']
  return line.unit === 'mm' ? lengthText(line.value, unit) : formatInterval(line.value, line.unit).replace(' °', '°')
}
