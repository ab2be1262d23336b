import type { SeatingPosition, SeatOnPlan } from '@nimble-anchor/core/vehicle'
import { useHold } from '../ui/useHold.ts'
import * as msg from './messages.en.ts'

const INK = 'var(--ink)'

interface Props {
  readonly seat: SeatOnPlan
  readonly isSelected: boolean
  readonly isChosen: boolean
  readonly dashY: number
}

/** One place with everything of the car that a restraint meets there. */
export function SeatDrawing({ seat, isSelected, isChosen, dashY }: Props) {
  const { position: p, x, backY, widthMm: w, depthMm: d } = seat
  const half = w / 2 - 12
  const isBackwards = p.facing === 'rearward'
  const backAt = isBackwards ? backY - d - 90 : backY
  return (
    <g>
      <Floor seat={seat} />
      <rect
        x={x - half}
        y={backY - d}
        width={half * 2}
        height={d}
        rx="60"
        fill={isChosen ? 'var(--buff)' : isSelected ? 'var(--shoal-deep)' : 'var(--sheet)'}
        stroke={isSelected ? 'var(--magenta)' : INK}
        strokeWidth={isSelected ? 24 : 11}
      />
      <rect
        x={x - half}
        y={backAt}
        width={half * 2}
        height="90"
        rx="36"
        fill="var(--sheet)"
        stroke={isSelected ? 'var(--magenta)' : INK}
        strokeWidth={isSelected ? 18 : 11}
      />
      {p.headRestraint !== undefined && p.headRestraint !== 'none' && (
        <rect
          x={x - 110}
          y={backAt + 58}
          width="220"
          height="62"
          rx="28"
          fill="var(--sheet)"
          stroke={INK}
          strokeWidth="8"
          strokeDasharray={p.headRestraint === 'removable' ? '22 14' : undefined}
        />
      )}
      {p.isDriverSeat && (
        <g fill="none" stroke={INK} strokeWidth="16">
          <circle cx={x} cy={backY - d - 60} r="110" />
          <path d={`M${x - 110} ${backY - d - 60}h220`} />
        </g>
      )}
      <Belt seat={seat} />
      {p.isofix && p.isofix.bars !== 'none' && (
        <path
          d={`M${x - 140} ${backY + 6}v-66M${x + 140} ${backY + 6}v-66`}
          stroke={INK}
          strokeWidth="30"
          strokeLinecap="round"
          strokeDasharray={p.isofix.bars === 'recessed' ? '1 44' : undefined}
        />
      )}
      <Tether seat={seat} />
      {p.frontAirbag && p.frontAirbag !== 'none' && (
        <path
          d={`M${x - 120} ${airbagY(seat, dashY)}q120-130 240 0z`}
          fill={p.frontAirbag === 'cannot-be-switched-off' ? 'var(--fail)' : 'none'}
          stroke={p.frontAirbag === 'cannot-be-switched-off' ? 'var(--fail)' : INK}
          strokeWidth="14"
        />
      )}
    </g>
  )
}

const airbagY = (seat: SeatOnPlan, dashY: number): number => (seat.position.row === 1 ? dashY + 20 : seat.footY[0] + 60)

/** What a leg would stand on, and what stands in its way. */
function Floor({ seat }: { seat: SeatOnPlan }) {
  const { position: p, x } = seat
  const [from, to] = seat.footY
  const height = Math.max(60, Math.min(to - from - 20, 220))
  const y = to - height - 12
  const has = (kind: NonNullable<SeatingPosition['obstacles']>[number]): boolean => p.obstacles?.includes(kind) === true
  return (
    <g fill="none" stroke={INK} strokeWidth="9">
      {p.floor?.kind.startsWith('box') && (
        <g stroke={p.floor.kind === 'box-not-allowed' ? 'var(--fail)' : INK}>
          <rect
            x={x - 130}
            y={y}
            width="260"
            height={height}
            strokeDasharray={p.floor.kind === 'box-not-allowed' ? '34 20' : undefined}
          />
          {p.floor.kind === 'box-not-allowed' && (
            <path d={`M${x - 130} ${y}l260 ${height}M${x + 130} ${y}l-260 ${height}`} />
          )}
        </g>
      )}
      {has('tunnel') && (
        <path d={`M${x - 70} ${to}V${from - 60}M${x + 70} ${to}V${from - 60}`} strokeDasharray="50 20" />
      )}
      {(has('centre-console') || has('removable-console')) && (
        <rect
          x={x - 90}
          y={from - 200}
          width="180"
          height="240"
          rx="24"
          fill="var(--buff)"
          strokeDasharray={has('removable-console') ? '30 18' : undefined}
        />
      )}
      {has('raised-floor') && <path d={`M${x - 160} ${to - 24}h320M${x - 160} ${to - 60}h320`} />}
    </g>
  )
}

/** Diagonal from the outer shoulder, lap across; a lap belt has no diagonal. */
function Belt({ seat }: { seat: SeatOnPlan }) {
  const { position: p, x, backY, widthMm } = seat
  if (p.belt === undefined || p.belt.kind === 'none') return null
  const outer = p.side === 'right' ? 1 : -1
  const half = widthMm / 2 - 40
  return (
    <g fill="none" stroke="var(--ink-soft)" strokeWidth="13">
      <path d={`M${x - half} ${backY - 110}h${half * 2}`} />
      {p.belt.kind === 'three-point' && (
        <path d={`M${x + outer * half} ${backY + 20}L${x - outer * half} ${backY - 110}`} />
      )}
      <rect x={x - outer * half - 22} y={backY - 138} width="44" height="56" rx="8" fill="var(--sheet)" />
    </g>
  )
}

/** How far behind the backrest each kind of anchorage is drawn, in mm. */
const BEHIND = { 'seat-back': 120, shelf: 250, 'load-floor': 400, roof: 190, 'under-seat': 60 } as const

function Tether({ seat }: { seat: SeatOnPlan }) {
  const { position: p, x, backY } = seat
  const where = p.tether?.where
  if (where === undefined || where === 'none') return null
  const y = backY + BEHIND[where]
  return (
    <g fill="none" stroke={INK} strokeWidth="15">
      <path d={`M${x} ${backY + 90}V${y}`} strokeDasharray="26 18" />
      {where === 'roof' ? (
        <path d={`M${x - 48} ${y + 8}a48 48 0 0 1 96 0z`} />
      ) : (
        <path d={`M${x - 48} ${y}a48 48 0 0 0 96 0`} />
      )}
    </g>
  )
}

const otherSide = (side: 'left' | 'right'): 'left' | 'right' => (side === 'left' ? 'right' : 'left')

interface DoorProps {
  readonly seat: SeatOnPlan
  readonly halfWidthMm: number
  readonly onMove: ((side: 'left' | 'right') => void) | undefined
}

/** Where the fitter stands: a bar at the body's side, carried over to the other side in the editor. */
export function DoorMark({ seat, halfWidthMm, onMove }: DoorProps) {
  const { hold, handlers } = useHold<'left' | 'right'>({
    onDrop: (side, e) => {
      // Let go beyond the car's middle, it is on the other side; a mere tap moves it over too.
      const svg = (e.currentTarget as SVGElement).ownerSVGElement?.getBoundingClientRect()
      const isRight = svg !== undefined && e.clientX > svg.left + svg.width / 2
      const isTap = isRight === (side === 'right')
      onMove?.(isTap ? otherSide(side) : isRight ? 'right' : 'left')
    },
  })
  const { doorSide, label } = seat.position
  if (doorSide === undefined || doorSide === 'none') return null
  const sides = doorSide === 'both' ? (['left', 'right'] as const) : ([doorSide] as const)
  const y = seat.backY - seat.depthMm - 40
  return sides.map((side) => {
    const x = side === 'left' ? -halfWidthMm : halfWidthMm
    const other = otherSide(side)
    return (
      <g
        key={side}
        {...(onMove && {
          role: 'button',
          tabIndex: 0,
          'aria-label': msg.doorOfMoveToThe(label, side, other),
          className: 'cursor-grab touch-none',
          ...handlers,
          onPointerDown: (e) => hold(side, e),
          onKeyDown: (e) => {
            if (['Enter', ' ', 'ArrowLeft', 'ArrowRight'].includes(e.key)) {
              e.preventDefault()
              onMove(other)
            }
          },
        })}
      >
        {onMove && <rect x={x - 70} y={y - 20} width="140" height="460" fill="transparent" />}
        <path d={`M${x} ${y}v420`} stroke="var(--magenta)" strokeWidth="36" strokeLinecap="round" />
      </g>
    )
  })
}
