import { formatNumber } from '../quantities/index.ts'
import { SOURCE_WORD } from '../rules/index.ts'
import type { CheckLimit } from './check-state.ts'

/** "at most 25 mm (practice)", "0 to 20 mm (maker)". */
export function limitText({ from, to, unit, source }: CheckLimit): string {
  const figures =
    from !== undefined && to !== undefined
      ? `${formatNumber(from)} to ${formatNumber(to)}`
      : from !== undefined
        ? `at least ${formatNumber(from)}`
        : `at most ${formatNumber(to ?? 0)}`
  return `${figures} ${unit} (${SOURCE_WORD[source]})`
}
