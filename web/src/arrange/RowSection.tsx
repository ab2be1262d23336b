import type { Names, RowOf, Stand } from '@nimble-anchor/core/arrange'
import { formatNumber } from '@nimble-anchor/core/quantities'
import type { WidthPoint } from '@nimble-anchor/core/restraint'
import type { Vehicle } from '@nimble-anchor/core/vehicle'
import * as msg from './messages.en.ts'

interface Props {
  readonly row: RowOf
  readonly vehicle: Vehicle
  readonly names: Names
  /** Something stands at its left, over the drawing. */
  readonly isAside?: boolean
}

/** Heights of the three levels over the cushion, in mm of the drawing: of no record, they serve the drawing alone. */
const LEVEL_MM = { hip: 60, shoulder: 250, head: 370 } as const
const TOP_MM = 460
const LEVELS = ['hip', 'shoulder', 'head'] as const
const DEPTHS = [msg.back, msg.front] as const
const SIDE_MM = 170

const upTo = (mm: number): string => `${formatNumber(Math.round(mm))} mm`

/** One outline from hip to head at one depth; where nothing stands it ends, where nothing is known it is drawn as wide as its neighbour. */
function outlineOf(stand: Stand, depth: (typeof DEPTHS)[number]): string | undefined {
  const x = stand.centreMm + stand.shiftMm
  const levels = LEVELS.flatMap((level) => {
    const at = stand.widths[`${level}${depth}`]
    return at === undefined || at.leftMm === undefined || at.rightMm === undefined
      ? []
      : [{ y: TOP_MM - LEVEL_MM[level], left: x - at.leftMm, right: x + at.rightMm }]
  })
  const [first] = levels
  const last = levels[levels.length - 1]
  if (first === undefined || last === undefined) return undefined
  const down = TOP_MM - 10
  const up = last.y - 50
  return [
    `M${first.left} ${down}`,
    ...levels.map((l) => `L${l.left} ${l.y}`),
    `L${last.left + 40} ${up}L${last.right - 40} ${up}`,
    ...levels.toReversed().map((l) => `L${l.right} ${l.y}`),
    `L${first.right} ${down}Z`,
  ].join('')
}

const levelOf = (point: WidthPoint): (typeof LEVELS)[number] =>
  point.startsWith('hip') ? 'hip' : point.startsWith('shoulder') ? 'shoulder' : 'head'

/** What the section shows, in words. */
export function sectionText({ row, vehicle, names }: Props): string {
  if (row.stands.length === 0) return msg.theMiddlesOfThesePlaces
  const who = row.stands.map((s) => {
    const shift = Math.round(s.shiftMm)
    return `${names.rider(s.riderId)} at ${names.place(vehicle.id, s.positionId)}${shift === 0 ? '' : msg.movedToThe(upTo(Math.abs(shift)), shift < 0 ? 'left' : 'right')}`
  })
  const gaps = row.gaps.map((g) =>
    g.gapMm === undefined
      ? msg.howWideAndAreIs(names.rider(g.leftId), names.rider(g.rightId))
      : msg.betweenAndAtHeightNeeded(
          upTo(g.gapMm),
          names.rider(g.leftId),
          names.rider(g.rightId),
          levelOf(g.point),
          upTo(g.neededMm),
        ),
  )
  return msg.fromBehindLeftToRight([...who, ...gaps].join('; '))
}

/** One row seen from behind, to scale: how wide everybody is at hip, shoulder and head, with the room between. */
export function RowSection(props: Props) {
  const { row, vehicle, names, isAside = false } = props
  if (row.stands.length === 0) return <p className="text-ink-soft">{sectionText(props)}</p>
  const places = vehicle.positions.filter((p) => p.row === row.row && p.lateralCentreMm !== undefined)
  const trim = vehicle.rows?.find((r) => r.row === row.row)
  const reach = Math.max(
    ...places.map((p) => Math.abs(p.lateralCentreMm as number) + (p.widthMm ?? 450) / 2),
    ...row.stands.flatMap((s) =>
      Object.values(s.widths).map((w) => Math.abs(s.centreMm + s.shiftMm) + Math.max(w.leftMm ?? 0, w.rightMm ?? 0)),
    ),
    trim?.trimLeftMm ?? 0,
    trim?.trimRightMm ?? 0,
  )
  const half = reach + SIDE_MM / 2
  return (
    <svg
      viewBox={`${-half} -10 ${half * 2} ${TOP_MM + 150}`}
      preserveAspectRatio={isAside ? 'xMaxYMid meet' : 'xMidYMid meet'}
      role="img"
      aria-label={sectionText(props)}
      className="graticule block h-60 w-full bg-shoal"
    >
      <path d={`M${-half + 40} ${TOP_MM}H${half - 40}`} stroke="var(--ink)" strokeWidth="6" />
      {places.map((p) => (
        <g key={p.id}>
          <path
            d={`M${p.lateralCentreMm} -20V${TOP_MM}`}
            stroke="var(--line)"
            strokeWidth="3"
            strokeDasharray="14 10"
          />
          <text x={p.lateralCentreMm} y={TOP_MM + 128} textAnchor="middle" fontSize="32" fill="var(--ink-soft)">
            {p.label}
          </text>
        </g>
      ))}
      {trim && (
        <path
          d={[trim.trimLeftMm === undefined ? '' : `M${-trim.trimLeftMm} 0V${TOP_MM}`, trim.trimRightMm === undefined ? '' : `M${trim.trimRightMm} 0V${TOP_MM}`].join('')} // prettier-ignore
          stroke="var(--ink)"
          strokeWidth="14"
        />
      )}
      {row.stands.map((stand) => (
        <Standing key={stand.riderId} stand={stand} name={names.rider(stand.riderId)} />
      ))}
      {row.gaps.map((gap) => {
        const left = row.stands.find((s) => s.riderId === gap.leftId)
        const right = row.stands.find((s) => s.riderId === gap.rightId)
        if (left === undefined || right === undefined) return null
        const from = left.centreMm + left.shiftMm + (left.widths[gap.point]?.rightMm ?? 0)
        const to = right.centreMm + right.shiftMm - (right.widths[gap.point]?.leftMm ?? 0)
        const y = TOP_MM - LEVEL_MM[levelOf(gap.point)]
        const isOpen = gap.state === 'open'
        const ink = isOpen ? 'var(--doubt)' : 'var(--magenta)'
        const middle = (from + to) / 2
        return (
          <g key={`${gap.leftId} ${gap.rightId}`} stroke={ink} strokeWidth="8">
            {isOpen && gap.gapMm !== undefined && gap.gapMm < 0 && (
              <rect
                x={to}
                y={y - 40}
                width={from - to}
                height="80"
                fill={ink}
                fillOpacity="0.35"
                strokeDasharray="16 10"
              />
            )}
            <path d={`M${from} ${y - 26}v52M${to} ${y - 26}v52M${from} ${y}H${to}`} />
            <text
              x={middle}
              y={y - 44}
              textAnchor="middle"
              fontSize="38"
              fontWeight="700"
              fill={ink}
              stroke="var(--shoal)"
              strokeWidth="14"
              paintOrder="stroke"
            >
              {gap.gapMm === undefined ? '?' : `${isOpen ? '≥ ' : ''}${formatNumber(Math.round(gap.gapMm))}`}
            </text>
          </g>
        )
      })}
    </svg>
  )
}

function Standing({ stand, name }: { readonly stand: Stand; readonly name: string }) {
  const x = stand.centreMm + stand.shiftMm
  const [from, to] = [stand.centreMm + stand.shiftFromMm, stand.centreMm + stand.shiftToMm]
  const isLoose = to - from > 1
  return (
    <g>
      {DEPTHS.toReversed().map((depth) => {
        const d = outlineOf(stand, depth)
        return (
          d && (
            <path
              key={depth}
              d={d}
              fill={depth === 'Back' ? 'var(--sheet)' : 'none'}
              fillOpacity="0.85"
              stroke={depth === 'Back' ? 'var(--ink)' : 'var(--ink-soft)'}
              strokeWidth={depth === 'Back' ? 9 : 6}
              strokeDasharray={depth === 'Back' ? undefined : '22 14'}
            />
          )
        )
      })}
      <text x={x} y={TOP_MM - 130} textAnchor="middle" fontSize="40" fontWeight="700" fill="var(--ink)">
        {name}
      </text>
      <path d={`M${from} ${TOP_MM + 32}H${to}`} stroke="var(--ink)" strokeWidth={isLoose ? 12 : 0} />
      <circle cx={x} cy={TOP_MM + 32} r="13" fill="var(--ink)" />
      <text x={x} y={TOP_MM + 82} textAnchor="middle" fontSize="30" fill="var(--ink)">
        {isLoose
          ? msg.toMm(formatNumber(Math.round(stand.shiftFromMm)), formatNumber(Math.round(stand.shiftToMm)))
          : stand.shiftMm === 0
            ? msg.fixed
            : upTo(stand.shiftMm)}
      </text>
    </g>
  )
}
