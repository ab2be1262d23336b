import { type ModeForecast } from '@nimble-anchor/core/forecast'
import { LAW } from '@nimble-anchor/core/law'
import { formatRange, type Interval } from '@nimble-anchor/core/quantities'
import { massRangeOf, type Mode } from '@nimble-anchor/core/restraint'
import type { ForecastAnswer } from '../../forecast/protocol.ts'
import { RangeBar } from './RangeBar.tsx'
import * as msg from './messages.en.ts'

/** What the bars need of the child: worked out once for the whole list. */
export interface ChildOnBars {
  readonly massKg: Interval | undefined
  readonly statureCm: Interval | undefined
  readonly ageMonths: Interval | undefined
}

interface Props {
  readonly mode: Mode
  readonly child: ChildOnBars
  readonly answer: ForecastAnswer | null
  readonly forecast: ModeForecast | undefined
}

const SCALES = { massKg: [0, 40], statureCm: [40, 155], ageMonths: [0, 144] } as const
const TAIL_MONTHS = 24

/** What is stated of age: the maker's own, or the regulation's for facing forward. */
function ageRange(mode: Mode): { readonly from?: number; readonly to?: number; readonly caption: string } | undefined {
  const isR129Forward = mode.approval.regulation === 'R129' && mode.direction === 'forward'
  const from = Math.max(mode.ageMonths?.from ?? 0, isR129Forward ? LAW.r129ForwardOverMonths : 0)
  const to = mode.ageMonths?.to
  if (from === 0 && to === undefined) return undefined
  // The regulation says "over", a maker's own range holds at its ends.
  const isOver = isR129Forward && from === LAW.r129ForwardOverMonths
  const caption = isOver
    ? msg.overMonths(from, to === undefined ? '' : msg.to(to))
    : formatRange('months', from > 0 ? from : undefined, to)
  return { ...(from > 0 && { from }), ...(to !== undefined && { to }), caption }
}

/** Mass, stature and age side by side: the same scales in every row, so that the child runs down the list as one line. */
export function ModeBars({ mode, child, answer, forecast }: Props) {
  const mass = massRangeOf(mode)
  const age = ageRange(mode)
  const ahead = (bands: ForecastAnswer['massKg'] | undefined): number | undefined =>
    bands?.findLast((b) => b.month <= TAIL_MONTHS)?.p50
  const ageNow = child.ageMonths?.lo
  const isOpen = forecast !== undefined && forecast.shareEverOpen >= 0.5 && forecast.left.p50 > 0
  const serves =
    isOpen && ageNow !== undefined
      ? {
          from: ageNow + forecast.opensIn.p50,
          to: ageNow + forecast.left.p50,
          atMost: ageNow + forecast.left.p90,
        }
      : undefined
  return (
    <div className="grid grid-cols-3 gap-x-3 sm:gap-x-5">
      <RangeBar
        what={msg.mass}
        unit="kg"
        scale={SCALES.massKg}
        range={
          mass.from === undefined && mass.to === undefined ? undefined : { from: mass.from || undefined, to: mass.to }
        }
        child={child.massKg}
        tailTo={ahead(answer?.massKg)}
      />
      <RangeBar
        what={msg.stature}
        unit="cm"
        scale={SCALES.statureCm}
        range={mode.statureCm}
        child={child.statureCm}
        tailTo={ahead(answer?.statureCm)}
      />
      <RangeBar
        what={msg.age}
        unit="months"
        scale={SCALES.ageMonths}
        range={age}
        caption={age?.caption ?? msg.noAgeLimit}
        child={child.ageMonths}
        serves={serves}
      />
    </div>
  )
}
