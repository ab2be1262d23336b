import type { Point, Section } from '@nimble-anchor/core/bench'
import { Dimension } from './Dimension.tsx'
import { arcOf, offset, pathOf } from './frame.ts'
import { MARK_INK, type lineMark } from './marks.ts'
import * as msg from './messages.en.ts'

const INK = 'var(--ink)'

/** What is fixed: seat, floor, seat in front. */
export function Vehicle({
  section: s,
  px,
  isHollow,
  footMark,
}: {
  section: Section
  px: number
  isHollow: boolean
  footMark: ReturnType<typeof lineMark>
}) {
  const floorEnd = s.bounds.maxX
  return (
    <g stroke={INK} strokeWidth={1.4 * px} fill="var(--buff)" strokeLinejoin="round">
      <path d={pathOf(s.backrest)} />
      <path d={pathOf(s.cushion)} />
      {s.headRestraint && <path d={pathOf(s.headRestraint)} />}
      {s.frontSeat && <path d={pathOf(s.frontSeat.outline)} />}
      <path d={`M${s.bounds.minX} ${-s.floorY}H${floorEnd}`} fill="none" strokeWidth={2.4 * px} />
      {isHollow && (
        <path
          d={`M${s.cushionFront.x - 10} ${-s.floorY}h300v44h-300z`}
          fill="none"
          strokeDasharray={`${6 * px} ${4 * px}`}
          stroke="var(--fail)"
        />
      )}
      <circle cx={-4} cy={-18} r={5} fill={INK} stroke="none" />
      {s.leg && (
        <g
          stroke={footMark === 'fail' ? 'var(--fail)' : INK}
          strokeDasharray={s.leg.isSet ? undefined : `${6 * px} ${4 * px}`}
        >
          <path d={pathOf([s.leg.hinge, s.leg.foot], false)} fill="none" strokeWidth={9} strokeLinecap="round" />
          <path
            d={`M${s.leg.foot.x - 32} ${-s.leg.foot.y}h64`}
            fill="none"
            strokeWidth={8}
            strokeLinecap="round"
            strokeDasharray="none"
          />
        </g>
      )}
    </g>
  )
}

/** The target band of the shell's back, as a fan from its foot. */
export function Band({ section: s, isForward }: { section: Section; isForward: boolean }) {
  if (!s.band) return null
  const radius = Math.hypot(s.shellTop.x - s.shellFoot.x, s.shellTop.y - s.shellFoot.y) + 26
  const sign = isForward ? -1 : 1
  const arc = arcOf(s.shellFoot, radius, s.band.fromDeg, s.band.toDeg, sign)
  return <path d={`${arc}L${s.shellFoot.x} ${-s.shellFoot.y}Z`} fill="var(--pass)" opacity="0.160" />
}

export function Restraint({ section: s, px }: { section: Section; px: number }) {
  return (
    <g stroke={INK} strokeWidth={1.6 * px} strokeLinejoin="round">
      {s.wedge && <path d={pathOf(s.wedge)} fill="var(--magenta)" opacity="0.750" />}
      {s.mount && <path d={pathOf(s.mount)} fill="var(--shoal)" />}
      <path d={pathOf(s.base)} fill="var(--shoal)" />
      <path d={pathOf(s.shell)} fill="var(--shoal-deep)" fillOpacity="0.800" />
      {s.child && (
        <g stroke={INK} fill="none">
          {/* A figure of its own proportions: an outline round every limb, then what is inside. */}
          {(['var(--ink-soft)', 'var(--sheet)'] as const).map((ink, i) =>
            s.child?.limbs.map(({ from, to, widthMm }) => (
              <path
                key={`${ink}${widthMm}`}
                d={pathOf([from, to], false)}
                stroke={ink}
                strokeWidth={i === 0 ? widthMm + 3 * px : widthMm}
                strokeLinecap="round"
              />
            )),
          )}
          <circle
            cx={s.child.head.x}
            cy={-s.child.head.y}
            r={s.child.headRadiusMm}
            fill="var(--sheet)"
            strokeWidth={1.6 * px}
            stroke="var(--ink-soft)"
          />
        </g>
      )}
      {s.harness && (
        <path
          d={pathOf(s.harness, false)}
          fill="none"
          strokeWidth={4 * px}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      )}
      {s.belt && (
        <path
          d={pathOf(s.belt, false)}
          fill="none"
          stroke="var(--ink-soft)"
          strokeWidth={4 * px}
          strokeLinejoin="round"
        />
      )}
      {s.tether && (
        <path d={pathOf(s.tether, false)} fill="none" strokeWidth={3 * px} strokeDasharray={`${9 * px} ${3 * px}`} />
      )}
    </g>
  )
}

export function Straps({
  section: s,
  px,
  mark,
  recommendedMm,
  label,
}: {
  section: Section
  px: number
  mark: ReturnType<typeof lineMark>
  recommendedMm: number | undefined
  label: string | undefined
}) {
  const recommended = s.slots.find((slot) => slot.heightMm === recommendedMm)
  return (
    <g>
      {s.slots.map(({ at, heightMm }) => (
        <path
          key={heightMm}
          d={pathOf([offset(s, at, -45), offset(s, at, 14)], false)}
          stroke={INK}
          strokeWidth={1.3 * px}
        />
      ))}
      {recommended && (
        <circle
          cx={offset(s, recommended.at, -16).x}
          cy={-offset(s, recommended.at, -16).y}
          r={9 * px}
          fill="none"
          stroke="var(--magenta)"
          strokeWidth={2 * px}
          strokeDasharray={`${3 * px} ${2.5 * px}`}
        />
      )}
      {s.shoulderAt && (
        <path
          d={pathOf([s.shoulderAt, offset(s, s.shoulderAt, 150)], false)}
          stroke="var(--ink-soft)"
          strokeWidth={1.2 * px}
          strokeDasharray={`${4 * px} ${3 * px}`}
        />
      )}
      {s.strapAt && (
        <path
          d={pathOf([offset(s, s.strapAt, -45), offset(s, s.strapAt, 60)], false)}
          stroke={MARK_INK[mark]}
          strokeWidth={4.5 * px}
          strokeLinecap="round"
        />
      )}
      {s.strapAt && s.shoulderAt && label !== undefined && (
        <Dimension
          from={offset(s, s.strapAt, -85)}
          to={offset(s, s.shoulderAt, -85)}
          labelAt={offset(s, s.shoulderAt, -85 - 12 * px)}
          anchor={s.toChild.x < 0 ? 'start' : 'end'}
          text={label}
          mark={mark}
        />
      )}
    </g>
  )
}

/** The parts by name, each where it stands; only while somebody asks for them. */
export function PartNames({ section: s, px }: { section: Section; px: number }) {
  const middle = (points: readonly Point[]): Point => ({
    x: points.reduce((sum, p) => sum + p.x, 0) / points.length,
    y: points.reduce((sum, p) => sum + p.y, 0) / points.length,
  })
  const names: readonly (readonly [string, Point])[] = [
    ['backrest', middle(s.backrest)],
    ['cushion', middle(s.cushion)],
    ['base', middle(s.base)],
    ['shell', middle(s.shell)],
    ...(s.headRestraint ? [[msg.headRestraint, middle(s.headRestraint)] as const] : []),
    ...(s.frontSeat ? [[msg.seatInFront, middle(s.frontSeat.outline)] as const] : []),
    ...(s.wedge ? [['wedge', middle(s.wedge)] as const] : []),
    ...(s.leg ? [['leg', middle([s.leg.hinge, s.leg.foot])] as const] : []),
    ...(s.tether ? [[msg.topTether, middle(s.tether.slice(-2))] as const] : []),
    ...(s.belt ? [['belt', middle(s.belt.slice(-2))] as const] : []),
  ]
  return (
    <g fontSize={13 * px} fontWeight="600" fill={INK} stroke="var(--sheet)" strokeWidth={4 * px} paintOrder="stroke">
      {names.map(([name, at]) => (
        <text key={name} x={at.x} y={-at.y} textAnchor="middle">
          {name}
        </text>
      ))}
    </g>
  )
}
