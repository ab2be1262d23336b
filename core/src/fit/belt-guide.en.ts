import { formatNumber } from '../quantities/index.ts'

/** "0 to 20 mm", "at most 17 mm", "at least 5 mm": a range of which an end may not be stated. */
export function boundsText({
  fromMm,
  toMm,
}: {
  readonly fromMm?: number | undefined
  readonly toMm?: number | undefined
}): string {
  if (fromMm === undefined) return `at most ${formatNumber(toMm ?? 0)} mm`
  if (toMm === undefined) return `at least ${formatNumber(fromMm)} mm`
  return `${formatNumber(fromMm)} to ${formatNumber(toMm)} mm`
}
