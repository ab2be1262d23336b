import { type Decision } from '@nimble-anchor/core/quantities'
import { planOf, type SeatOnPlan, type Vehicle } from '@nimble-anchor/core/vehicle'
import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react'
import { MarkShape } from '../ui/StateMark.tsx'
import { useHold } from '../ui/useHold.ts'
import { CarBody } from './CarBody.tsx'
import { DoorMark, SeatDrawing } from './SeatDrawing.tsx'
import * as msg from './messages.en.ts'

/** What the restraint takes of its place, seen from above. */
interface Footprint {
  readonly positionId: string
  readonly widthMm: number
  /** From the backrest towards the front of the car. */
  readonly reachMm: number
  readonly isRefused: boolean
}

interface Props {
  readonly vehicle: Pick<Vehicle, 'positions' | 'maker' | 'model'>
  /** By position id; a place without a verdict (no mode chosen yet, driver) has none. */
  readonly decisions?: ReadonlyMap<string, Decision>
  readonly selected?: string | undefined
  readonly chosen?: string | undefined
  /** Distance to the seat in front as it stands, by place. */
  readonly asSet?: ReadonlyMap<string, number>
  readonly footprint?: Footprint | undefined
  readonly onSelect: (positionId: string) => void
  readonly edit?: PlanEdit | undefined
}

/** Makes the drawing an editor: places and doors follow the hand. */
export interface PlanEdit {
  readonly onMove: (
    positionId: string,
    to: { readonly lateralCentreMm: number | undefined; readonly row: number },
  ) => void
  readonly onDoor: (positionId: string, side: 'left' | 'right') => void
}

/** Moved from row to row alone, a place that nobody has measured stays unmeasured. */
const centreAt = (seat: SeatOnPlan | undefined, x: number): number | undefined =>
  seat !== undefined && x === round(seat.x) ? seat.position.lateralCentreMm : x

/** Places are moved in steps of this, in mm. */
const STEP_MM = 10
const INK = 'var(--ink)'

const round = (mm: number): number => Math.round(mm / STEP_MM) * STEP_MM || 0

/** The car from above, to scale, its nose at the top of the drawing; left is the car's left. */
export function CarPlan({ vehicle, decisions, selected, chosen, asSet, footprint, onSelect, edit }: Props) {
  const plan = planOf(vehicle, asSet)
  const svg = useRef<SVGSVGElement>(null)
  const half = plan.halfWidthMm
  const margin = 110
  const top = plan.frontY + 420
  const box = { x: -half - margin, y: top - 60, width: 2 * (half + margin), height: plan.rearY - top + 120 }

  function at(e: PointerEvent): { readonly x: number; readonly y: number } {
    const rect = svg.current?.getBoundingClientRect()
    if (!rect) return { x: 0, y: 0 }
    const scale = Math.max(box.width / rect.width, box.height / rect.height)
    return {
      x: box.x + box.width / 2 + (e.clientX - rect.left - rect.width / 2) * scale,
      y: box.y + box.height / 2 + (e.clientY - rect.top - rect.height / 2) * scale,
    }
  }
  const rowsY = [...new Set(plan.seats.map((s) => s.position.row))].map((row) => {
    const of = plan.seats.filter((s) => s.position.row === row)
    return { row, y: of.reduce((sum, s) => sum + s.backY - s.depthMm / 2, 0) / of.length }
  })
  const { hold, handlers } = useHold<{
    readonly id: string
    readonly grab: { readonly x: number; readonly y: number }
  }>({
    onMove: ({ id, grab }, e) => {
      if (!edit) return
      const to = at(e)
      const row = rowsY.reduce((a, b) =>
        Math.abs(b.y - (to.y - grab.y)) < Math.abs(a.y - (to.y - grab.y)) ? b : a,
      ).row
      const seat = plan.seats.find((s) => s.position.id === id)
      edit.onMove(id, { lateralCentreMm: centreAt(seat, Math.max(-1000, Math.min(1000, round(to.x - grab.x)))), row })
    },
  })

  return (
    <svg
      ref={svg}
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      role={edit ? 'group' : 'img'}
      aria-label={msg.fromAbove(
        [vehicle.maker, vehicle.model].filter(Boolean).join(' ') || msg.aNewCar,
        edit ? msg.placesCanBeMovedWith : msg.theListBesideItSays,
      )}
      className={`graticule mx-auto block max-h-[560px] w-full max-w-[340px] bg-shoal ${edit ? 'select-none' : ''}`}
      {...handlers}
    >
      <CarBody half={half} top={top} bottom={plan.rearY} dashY={plan.dashY} />
      {plan.seats.map((seat) => (
        <Place
          key={seat.position.id}
          seat={seat}
          isSelected={seat.position.id === selected}
          isMovable={edit !== undefined}
          onHold={(e) => {
            onSelect(seat.position.id)
            if (!edit) return
            const p = at(e)
            const grab = { x: p.x - seat.x, y: p.y - (seat.backY - seat.depthMm / 2) }
            hold({ id: seat.position.id, grab }, e, svg.current)
          }}
          onSelect={() => onSelect(seat.position.id)}
          onStep={(dx, drow) =>
            edit?.onMove(seat.position.id, {
              lateralCentreMm: centreAt(seat, round(seat.x + dx)),
              row: Math.max(1, Math.min(4, seat.position.row + drow)),
            })
          }
        >
          <SeatDrawing
            seat={seat}
            isSelected={seat.position.id === selected}
            isChosen={seat.position.id === chosen}
            dashY={plan.dashY}
          />
        </Place>
      ))}
      {plan.seats.map((seat) => {
        const decision = decisions?.get(seat.position.id)
        const taken = footprint?.positionId === seat.position.id ? footprint : undefined
        return (
          <g key={seat.position.id} pointerEvents="none">
            {taken && <FootprintDrawing seat={seat} footprint={taken} />}
            {decision !== undefined && (
              <MarkShape state={decision} x={seat.x - 75} y={seat.backY - seat.depthMm * 0.72} size={150} />
            )}
          </g>
        )
      })}
      {plan.seats.map((seat) => (
        <DoorMark
          key={seat.position.id}
          seat={seat}
          halfWidthMm={half}
          onMove={edit && ((side) => edit.onDoor(seat.position.id, side))}
        />
      ))}
    </svg>
  )
}

interface PlaceProps {
  readonly seat: SeatOnPlan
  readonly isSelected: boolean
  readonly isMovable: boolean
  readonly children: ReactNode
  readonly onHold: (e: PointerEvent) => void
  readonly onSelect: () => void
  readonly onStep: (dxMm: number, rows: number) => void
}

const STEPS: Record<string, readonly [dx: number, rows: number]> = {
  ArrowLeft: [-STEP_MM, 0],
  ArrowRight: [STEP_MM, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

function Place({ seat, isSelected, isMovable, children, onHold, onSelect, onStep }: PlaceProps) {
  const { position: p } = seat
  if (!isMovable) {
    return (
      <g onClick={p.isDriverSeat ? undefined : onSelect} className={p.isDriverSeat ? undefined : 'cursor-pointer'}>
        {children}
      </g>
    )
  }
  function key(e: KeyboardEvent): void {
    const step = STEPS[e.key]
    if (!step) return
    e.preventDefault()
    onStep(...step)
  }
  const mm = seat.position.lateralCentreMm
  const where =
    mm === undefined
      ? msg.notMeasured(seat.position.side)
      : mm === 0
        ? msg.inTheMiddle
        : msg.mmOfTheMiddle(Math.abs(mm), mm < 0 ? 'left' : 'right')
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isSelected}
      aria-label={msg.row(p.label, p.row, where)}
      className="cursor-grab touch-none"
      onPointerDown={onHold}
      onFocus={onSelect}
      onKeyDown={key}
    >
      {children}
    </g>
  )
}

function FootprintDrawing({ seat, footprint }: { seat: SeatOnPlan; footprint: Footprint }) {
  const { widthMm, reachMm, isRefused } = footprint
  return (
    <rect
      x={seat.x - widthMm / 2}
      y={seat.backY - reachMm}
      width={widthMm}
      height={reachMm}
      rx={70}
      fill={isRefused ? 'var(--fail)' : 'var(--shoal-deep)'}
      fillOpacity={isRefused ? 0.3 : 0.75}
      stroke={isRefused ? 'var(--fail)' : INK}
      strokeWidth="12"
      strokeDasharray={isRefused ? '40 26' : undefined}
    />
  )
}
