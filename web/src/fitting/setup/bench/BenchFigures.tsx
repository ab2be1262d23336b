import type { BenchLine, BenchLineId, Section } from '@nimble-anchor/core/bench'
import { Dimension, DrawnLabel } from './Dimension.tsx'
import { along, arcOf, between, offset, pathOf } from './frame.ts'
import { valueText, type LengthUnit } from './length.ts'
import { lineMark, MARK_INK } from './marks.ts'
import * as msg from './messages.en.ts'

const INK = 'var(--ink)'

/** Dimension lines with values and marks, each where it is measured. */
export function Figures({
  section: s,
  lines,
  px,
  unit,
  isForward,
}: {
  section: Section
  lines: readonly BenchLine[]
  px: number
  unit: LengthUnit
  isForward: boolean
}) {
  const of = (id: BenchLineId): BenchLine | undefined => lines.find((l) => l.id === id && l.value !== undefined)
  const angle = of('shell-angle')
  const room = of('front-room')
  const leg = of('leg')
  const head = of('head')
  const tether = of('tether')
  const belt = of('belt')
  const buckle = of('buckle')
  const length = Math.hypot(s.shellTop.x - s.shellFoot.x, s.shellTop.y - s.shellFoot.y)
  const sign = isForward ? -1 : 1
  const radius = length * 0.5
  const roomY = s.shellTop.y + 12 * px
  return (
    <g>
      {angle && (
        <g>
          <path
            d={`M${s.shellFoot.x} ${-s.shellFoot.y}v${-length * 0.62}`}
            stroke="var(--ink-soft)"
            strokeWidth={1.1 * px}
            strokeDasharray={`${5 * px} ${4 * px}`}
          />
          <path
            d={arcOf(s.shellFoot, radius, 0, s.angleDeg, sign)}
            fill="none"
            stroke={MARK_INK[lineMark(angle)]}
            strokeWidth={2 * px}
          />
          <DrawnLabel
            at={offset(s, along(s.shellFoot, s.up, length * 0.2), -60 - 10 * px)}
            text={msg.shell(valueText(angle, unit))}
            anchor={isForward ? 'end' : 'start'}
            mark={lineMark(angle)}
          />
        </g>
      )}
      {room && s.frontSeat && (
        <g>
          {s.shellTop.x > s.frontSeat.x && (
            <path
              d={`M${s.frontSeat.x} ${-(s.shellTop.y - 60)}H${s.shellTop.x}V${-(s.shellTop.y + 10)}H${s.frontSeat.x}Z`}
              fill="var(--fail)"
              opacity="0.450"
            />
          )}
          <Dimension
            from={{ x: s.shellTop.x, y: roomY }}
            to={{ x: s.frontSeat.x, y: roomY }}
            labelAt={{ x: (s.shellTop.x + s.frontSeat.x) / 2, y: roomY + 15 * px }}
            text={msg.room(valueText(room, unit))}
            mark={lineMark(room)}
          />
        </g>
      )}
      {leg && s.leg && (
        <DrawnLabel
          at={{ x: s.leg.hinge.x + 40 * px, y: s.leg.hinge.y * 0.3 + s.leg.foot.y * 0.7 }}
          text={s.leg.isSet ? msg.lifts(valueText(leg, unit)) : msg.needs(valueText(leg, unit))}
          anchor="start"
          mark={lineMark(leg)}
        />
      )}
      {head && s.headLineAt && s.edgeAt && (
        <g>
          <path
            d={pathOf([offset(s, s.edgeAt, -10), offset(s, s.edgeAt, 175)], false)}
            stroke={MARK_INK[lineMark(head)]}
            strokeWidth={1.6 * px}
          />
          <Dimension
            from={offset(s, s.headLineAt, 165)}
            to={offset(s, s.edgeAt, 165)}
            labelAt={offset(s, s.edgeAt, 165 + 34 * px)}
            text={msg.head(valueText(head, unit))}
            anchor={isForward ? 'start' : 'end'}
            mark={lineMark(head)}
          />
        </g>
      )}
      {tether && s.tether?.[2] && (
        <DrawnLabel
          at={{ x: s.tether[2].x - 14 * px, y: s.tether[2].y + 20 * px }}
          text={msg.path(valueText(tether, unit))}
          anchor="start"
          mark={lineMark(tether)}
        />
      )}
      {belt && s.belt && (
        <DrawnLabel
          at={between(s.belt.at(-2), s.belt.at(-1))}
          text={msg.beltSpare(valueText(belt, unit))}
          mark={lineMark(belt)}
        />
      )}
      {buckle && s.buckle && (
        <g>
          <path
            d={`M${s.buckle.top.x} -5V${-s.buckle.top.y}`}
            stroke={MARK_INK[lineMark(buckle)]}
            strokeWidth={14}
            opacity="0.800"
          />
          <path d={`M50 ${-s.buckle.edge.y}h120`} stroke={INK} strokeWidth={2.4 * px} />
          <Dimension
            from={{ x: 185, y: s.buckle.top.y }}
            to={{ x: 185, y: s.buckle.edge.y }}
            labelAt={{ x: 200, y: Math.min(s.buckle.top.y, s.buckle.edge.y) - 16 * px }}
            text={msg.buckle(valueText(buckle, unit))}
            mark={lineMark(buckle)}
          />
        </g>
      )}
    </g>
  )
}
