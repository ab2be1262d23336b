import { massRangeOf } from './groups.ts'
import type { Mode, RestraintModel } from './restraint.ts'

/** Between two modes of one restraint no mode takes the child: "No mode" until it has grown through. */
interface StageGap {
  readonly quantity: 'massKg' | 'statureCm'
  readonly from: number
  readonly to: number
}

type Range = { readonly from?: number | undefined; readonly to?: number | undefined }

function gapsIn(ranges: readonly Range[], quantity: StageGap['quantity']): readonly StageGap[] {
  const sorted = ranges.toSorted((a, b) => (a.from ?? 0) - (b.from ?? 0))
  const gaps: StageGap[] = []
  let reached = sorted[0]?.to ?? Infinity
  for (const { from = 0, to = Infinity } of sorted.slice(1)) {
    if (from > reached) gaps.push({ quantity, from: reached, to: from })
    reached = Math.max(reached, to)
  }
  return gaps
}

/** Stretches of mass or stature between the first mode and the last that no mode of the restraint covers. */
export function stageGaps({ modes }: Pick<RestraintModel, 'modes'>): readonly StageGap[] {
  const byMass = modes.filter((m: Mode) => m.approval.regulation === 'R44')
  const byStature = modes.filter((m: Mode) => m.approval.regulation === 'R129')
  return [
    ...gapsIn(byMass.map(massRangeOf), 'massKg'),
    ...gapsIn(
      byStature.flatMap((m) => m.statureCm ?? []),
      'statureCm',
    ),
  ]
}
