import type { Arrangement, Names } from '@nimble-anchor/core/arrange'
import { planOf, type SeatOnPlan, type Vehicle } from '@nimble-anchor/core/vehicle'
import { useMemo } from 'react'
import * as msg from './messages.en.ts'

interface Props {
  readonly arrangement: Arrangement
  readonly vehicle: Vehicle
  readonly names: Names
}

interface OrderStep {
  readonly key: string
  readonly text: string
  readonly now: readonly string[]
  readonly past: readonly string[]
  /** Places that are done by then. */
  readonly done: readonly string[]
}

/** First the restraints in their order, then everybody in theirs. */
function stepsOf({ arrangement, vehicle, names }: Props): readonly OrderStep[] {
  const placesOf = (riderId: string): readonly string[] => {
    const seat = arrangement.seats.find((s) => s.childId === riderId)
    if (seat) return [seat.positionId, ...(seat.secondPositionId === undefined ? [] : [seat.secondPositionId])]
    const adult = arrangement.adults.find((a) => a.adultId === riderId)
    return adult ? [adult.positionId] : []
  }
  const done: string[] = []
  const installing = arrangement.installing.map((id): OrderStep => {
    const now = placesOf(id)
    // Its restraint goes in by the way by which the child will.
    const past = arrangement.loading.find((l) => l.riderId === id)?.past ?? []
    const step = { key: `in ${id}`, text: msg.installFor(names.rider(id)), now, past, done: [...done] }
    done.push(...now)
    return step
  })
  const seated: string[] = []
  const loading = arrangement.loading.map(({ riderId, past }): OrderStep => {
    const now = placesOf(riderId)
    const way = past.map((p) => names.place(vehicle.id, p)).join(', ')
    const text = msg.getsIn(names.rider(riderId), way === '' ? '' : msg.past(way))
    const step = { key: `load ${riderId}`, text, now, past, done: [...seated] }
    seated.push(...now)
    return step
  })
  return [...installing, ...loading]
}

/** The order of installing and of getting in, a small plan each. */
export function OrderStrip(props: Props) {
  const { vehicle } = props
  const plan = useMemo(() => planOf(vehicle), [vehicle])
  const steps = stepsOf(props)
  const top = Math.min(...plan.seats.map((s) => s.backY - s.depthMm)) - 120
  const bottom = Math.max(...plan.seats.map((s) => s.backY)) + 160
  const half = plan.halfWidthMm + 60
  return (
    <ol
      aria-label={msg.orderOfInstallingAndGetting}
      // Scrolled by the keyboard where it is longer than the screen.
      tabIndex={0}
      className="flex gap-2 overflow-x-auto pb-1 max-lg:mb-16"
    >
      {steps.map((step, i) => (
        <li key={step.key} className="flex w-30 shrink-0 flex-col gap-1">
          <svg
            viewBox={`${-half} ${top} ${half * 2} ${bottom - top}`}
            aria-hidden="true"
            className="h-18 w-full rounded-[3px] bg-shoal"
          >
            {plan.seats.map((seat) => (
              <SmallSeat key={seat.position.id} seat={seat} step={step} />
            ))}
            <WayIn step={step} seats={plan.seats} half={plan.halfWidthMm} />
          </svg>
          <span className="text-sm leading-tight">
            {i + 1}. {step.text}
          </span>
        </li>
      ))}
    </ol>
  )
}

function SmallSeat({ seat, step }: { readonly seat: SeatOnPlan; readonly step: OrderStep }) {
  const { id } = seat.position
  const isNow = step.now.includes(id)
  return (
    <rect
      x={seat.x - seat.widthMm / 2 + 20}
      y={seat.backY - seat.depthMm}
      width={seat.widthMm - 40}
      height={seat.depthMm}
      rx="70"
      fill={isNow ? 'var(--magenta)' : step.done.includes(id) ? 'var(--shoal-deep)' : 'var(--sheet)'}
      stroke="var(--ink)"
      strokeWidth="16"
    />
  )
}

/** From the door over whatever is passed to the place. */
function WayIn({
  step,
  seats,
  half,
}: {
  readonly step: OrderStep
  readonly seats: readonly SeatOnPlan[]
  readonly half: number
}) {
  const seatOf = (id: string) => seats.find((s) => s.position.id === id)
  const way = [...step.past, ...step.now.slice(0, 1)].flatMap((id) => seatOf(id) ?? [])
  const [first] = way
  if (first === undefined) return null
  const side = first.position.doorSide ?? (first.x < 0 ? 'left' : 'right')
  const doorX = side === 'right' || (side === 'both' && first.x > 0) ? half + 40 : -half - 40
  const y = (s: SeatOnPlan): number => s.backY - s.depthMm / 2
  return (
    <path
      d={`M${doorX} ${y(first)}${way.map((s) => `L${s.x} ${y(s)}`).join('')}`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth="34"
      strokeLinecap="round"
      strokeLinejoin="round"
      strokeDasharray={step.past.length > 0 ? '70 50' : undefined}
    />
  )
}
