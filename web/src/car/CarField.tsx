import type { planOf, SeatOnPlan } from '@nimble-anchor/core/vehicle'
import type { ReactNode } from 'react'
import { CarBody } from './CarBody.tsx'
import { DoorMark, SeatDrawing } from './SeatDrawing.tsx'
import { fieldOf } from './field.ts'

interface Props {
  readonly plan: ReturnType<typeof planOf>
  readonly label: string
  /** The place that is pointed at. */
  readonly selected?: string | undefined
  readonly isFaint?: (seat: SeatOnPlan) => boolean
  /** What is drawn over the seats. */
  readonly drawn: ReactNode
  /** What stands over the drawing: names, places to drop on. */
  readonly children?: ReactNode
}

/** The car from above, to scale, with something drawn on its seats and something standing over them. */
export function CarField({ plan, label, selected, isFaint, drawn, children }: Props) {
  const field = fieldOf(plan)
  return (
    <div className="grid min-h-0 place-items-center bg-shoal lg:flex-1 lg:[container-type:size]">
      <div
        className="graticule relative bg-shoal"
        // As large as there is room for, and never of another shape: what stands over it stands by shares of it.
        style={{
          aspectRatio: `${field.width} / ${field.height}`,
          width: `min(100cqw - 1.5rem, 100cqh * ${field.width / field.height}, 26rem)`,
        }}
      >
        <svg
          viewBox={`${field.x} ${field.y} ${field.width} ${field.height}`}
          className="absolute inset-0 h-full w-full"
          role="img"
          aria-label={label}
        >
          <CarBody half={field.half} top={field.top} bottom={plan.rearY} dashY={plan.dashY} />
          {plan.seats.map((seat) => (
            <g key={seat.position.id} opacity={isFaint?.(seat) === true ? 0.35 : 1}>
              <SeatDrawing seat={seat} isSelected={seat.position.id === selected} isChosen={false} dashY={plan.dashY} />
            </g>
          ))}
          {drawn}
          {plan.seats.map((seat) => (
            <DoorMark key={seat.position.id} seat={seat} halfWidthMm={field.half} onMove={undefined} />
          ))}
        </svg>
        {children}
      </div>
    </div>
  )
}
