import type { Decision, SeatingPosition, Vehicle } from '@nimble-anchor/core'
import { MarkShape } from '../../ui/StateMark.tsx'

interface Props {
  readonly vehicle: Vehicle
  /** By position id; a place without a verdict (no mode chosen yet, driver) has none. */
  readonly decisions: ReadonlyMap<string, Decision>
  readonly selected: string | undefined
  readonly chosen: string | undefined
  readonly onSelect: (positionId: string) => void
}

/** Drawing units are centimetres of the car. */
const CM = 0.1
const BODY_HALF = 92
const FIRST_ROW = 132
const ROW_PITCH = 86

const INK = 'var(--ink)'

function Seat({
  position: p,
  x,
  y,
  decision,
  isSelected,
  isChosen,
  onSelect,
}: {
  position: SeatingPosition
  x: number
  y: number
  decision: Decision | undefined
  isSelected: boolean
  isChosen: boolean
  onSelect: () => void
}) {
  const w = (p.widthMm ?? 450) * CM
  const half = w / 2 - 1.5
  const backY = p.facing === 'rearward' ? y - 28 : y + 18
  return (
    <g onClick={p.isDriverSeat ? undefined : onSelect} className={p.isDriverSeat ? undefined : 'cursor-pointer'}>
      <rect
        x={x - half}
        y={y - 28}
        width={half * 2}
        height="56"
        rx="7"
        fill={isChosen ? 'var(--buff)' : isSelected ? 'var(--shoal-deep)' : 'var(--sheet)'}
        stroke={isSelected ? 'var(--magenta)' : INK}
        strokeWidth={isSelected ? 2.6 : 1.2}
      />
      <rect x={x - half} y={backY} width={half * 2} height="10" rx="4" fill="none" stroke={INK} strokeWidth="1" />
      {p.isDriverSeat && (
        <g fill="none" stroke={INK} strokeWidth="1.800">
          <circle cx={x} cy={y - 8} r="10" />
          <path d={`M${x - 10} ${y - 8}h20M${x} ${y - 8}v10`} />
        </g>
      )}
      {p.isofix && p.isofix.bars !== 'none' && (
        <path
          d={`M${x - 14} ${y + 16}v-6M${x + 14} ${y + 16}v-6`}
          stroke={INK}
          strokeWidth="3.200"
          strokeLinecap="round"
        />
      )}
      {p.tether && p.tether.where !== 'none' && (
        <path d={`M${x} ${y + 28}v9m-4.500-3.500a4.500 4.500 0 0 0 9 0`} fill="none" stroke={INK} strokeWidth="1.600" />
      )}
      {p.frontAirbag && p.frontAirbag !== 'none' && (
        <path
          d={`M${x - 12} ${y - 46}q12-12 24 0z`}
          fill={p.frontAirbag === 'cannot-be-switched-off' ? 'var(--fail)' : 'none'}
          stroke={p.frontAirbag === 'cannot-be-switched-off' ? 'var(--fail)' : INK}
          strokeWidth="1.500"
        />
      )}
      {p.floor?.kind.startsWith('box') && (
        <path
          d={`M${x - 10} ${y - 42}h20v9h-20z`}
          fill="none"
          stroke={INK}
          strokeWidth="1.200"
          strokeDasharray={p.floor.kind === 'box-not-allowed' ? '3 2' : undefined}
        />
      )}
      {decision !== undefined && <MarkShape state={decision} x={x - 10} y={y - 18} size={20} />}
    </g>
  )
}

/** The car from above, its nose at the top of the drawing; left is the car's left. */
export function CarPlan({ vehicle, decisions, selected, chosen, onSelect }: Props) {
  const rows = Math.max(...vehicle.positions.map((p) => p.row))
  const length = FIRST_ROW + rows * ROW_PITCH + 22
  const rowY = (row: number): number => FIRST_ROW + (row - 1) * ROW_PITCH
  return (
    <svg
      viewBox={`-110 0 220 ${length + 10}`}
      role="img"
      aria-label={`${vehicle.maker} ${vehicle.model} from above; the list beside it says the same in words`}
      className="graticule mx-auto block max-h-[480px] w-full max-w-[300px] bg-shoal"
    >
      <path
        d={`M${-BODY_HALF + 12} 34Q0-6 ${BODY_HALF - 12} 34Q${BODY_HALF} 60 ${BODY_HALF} 96V${length - 30}Q${BODY_HALF} ${length} ${BODY_HALF - 28} ${length}H${-BODY_HALF + 28}Q${-BODY_HALF} ${length} ${-BODY_HALF} ${length - 30}V96Q${-BODY_HALF} 60 ${-BODY_HALF + 12} 34Z`}
        fill="var(--paper)"
        stroke={INK}
        strokeWidth="2"
      />
      <path d={`M${-BODY_HALF + 9} 84Q0 56 ${BODY_HALF - 9} 84`} fill="none" stroke={INK} strokeWidth="1.400" />
      <path
        d={`M${-BODY_HALF - 8} 88l8-8M${BODY_HALF + 8} 88l-8-8`}
        stroke={INK}
        strokeWidth="3"
        strokeLinecap="round"
      />
      {vehicle.positions.map((p) => (
        <Seat
          key={p.id}
          position={p}
          x={p.lateralCentreMm * CM}
          y={rowY(p.row)}
          decision={decisions.get(p.id)}
          isSelected={p.id === selected}
          isChosen={p.id === chosen}
          onSelect={() => onSelect(p.id)}
        />
      ))}
    </svg>
  )
}
