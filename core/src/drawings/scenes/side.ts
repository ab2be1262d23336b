import type { Point, Section } from '../../bench/index.ts'
import { DRAWING_HEIGHT, DRAWING_WIDTH, type DrawnGuide, type Shape } from '../drawing.ts'
import { MARGIN, windowOf, type Side } from './side-view.ts'
import { area, arrow, bothWays, box, dashed, finger, guideDot, line, ring, stroke, type Spot, word } from '../pen.ts'

type ToPaper = (p: Point) => Spot

const around = (points: readonly Point[]): Point => ({
  x: points.reduce((sum, p) => sum + p.x, 0) / Math.max(1, points.length),
  y: points.reduce((sum, p) => sum + p.y, 0) / Math.max(1, points.length),
})

/** The car and the restraint, quiet: what every focus stands in. */
function ground(side: Side, at: ToPaper): readonly Shape[] {
  const s = side.section
  const outline = (points: readonly Point[]): Spot[] => points.map(at)
  const floor = at({ x: 0, y: s.floorY })[1]
  return [
    line('faint', [0, floor], [DRAWING_WIDTH, floor]),
    area('faint', 'buff', ...outline(s.cushion)),
    area('faint', 'buff', ...outline(s.backrest)),
    ...(s.headRestraint ? [area('faint', 'buff', ...outline(s.headRestraint))] : []),
    ...(s.frontSeat ? [area('faint', 'buff', ...outline(s.frontSeat.outline))] : []),
    ...(s.wedge ? [area('thing', 'shoal', ...outline(s.wedge))] : []),
    area('thing', 'sheet', ...outline(s.base)),
    ...(s.mount ? [area('thing', 'sheet', ...outline(s.mount))] : []),
    area('thing', 'sheet', ...outline(s.shell)),
    ...(s.leg ? [line('thing', at(s.leg.hinge), at(s.leg.foot))] : []),
    ...(s.tether ? [line('thing', ...outline(s.tether))] : []),
    ...(s.belt ? [stroke('belt', line('belt', ...outline(s.belt)).d, { width: 2.6 })] : []),
    ...(s.child
      ? [
          line('child', ...outline(s.child.body)),
          ring('child', ...at(s.child.head), Math.hypot(...minus(at(s.child.head), at({ x: s.child.head.x, y: s.child.head.y + s.child.headRadiusMm })))),
        ]
      : []), // prettier-ignore
  ]
}
const minus = (a: Spot, b: Spot): Spot => [a[0] - b[0], a[1] - b[1]]
const plus = (a: Spot, x: number, y: number): Spot => [a[0] + x, a[1] + y]

/** What is done or looked at, over the quiet drawing. */
function now({ focus, section: s, direction, figure, guides = [] }: Side, at: ToPaper): readonly Shape[] {
  const foot = at(s.shellFoot)
  const top = at(s.shellTop)
  const out = (points: readonly Point[]): Spot[] => points.map(at)
  const shellAt = around(s.shell)
  const middle = at(shellAt)
  const label = (spot: Spot): readonly Shape[] => (figure === undefined ? [] : [word('now', ...spot, figure)])
  const bight = at({ x: 0, y: 0 })
  switch (focus) {
    case 'whole':
      return [area('now', 'sheet', ...out(s.shell))]
    case 'recline':
    case 'angle': {
      const reach = Math.hypot(...minus(top, foot)) * 0.6
      const unit = minus(top, foot).map((x) => x / Math.hypot(...minus(top, foot))) as [number, number]
      const end: Spot = [foot[0] + unit[0] * reach, foot[1] + unit[1] * reach]
      const sweep = unit[0] > 0 ? 1 : 0
      return [
        dashed('now', foot, plus(foot, 0, -reach)),
        line('now', foot, top),
        stroke('now', `M${foot[0]} ${foot[1] - reach}A${reach} ${reach} 0 0 ${sweep} ${end[0]} ${end[1]}`, {
          width: 2,
        }),
        // Behind the back, where nothing else is drawn.
        ...label(plus(foot, unit[0] * reach * 0.7 + (s.toChild.x < 0 ? 26 : -26), unit[1] * reach * 0.7)),
        ...(focus === 'recline' ? arrow('now', plus(top, 0, -4), plus(top, sweep ? 14 : -14, 2)) : []),
      ]
    }
    case 'level-line':
      return [
        dashed('now', plus(middle, -32, 0), plus(middle, 32, 0)),
        box('now', 'sheet', middle[0] - 12, middle[1] - 5, 24, 10),
        ring('now', middle[0], middle[1], 3, 'now'),
      ]
    case 'front-seat': {
      const seat = s.frontSeat ? at({ x: s.frontSeat.x + 40, y: s.shellTop.y }) : plus(top, 30, 0)
      return [
        ...(s.frontSeat ? [area('now', 'buff', ...out(s.frontSeat.outline))] : [dashed('thing', [seat[0], seat[1] - 10], plus(seat, 12, 90))]), // prettier-ignore
        ...bothWays('now', top, [seat[0], top[1]]),
        ...label([(top[0] + seat[0]) / 2, top[1] - 7]),
      ]
    }
    case 'front-seat-distance': {
      const height = s.shellFoot.y + 140
      const from = at({ x: -height * 0.4, y: height })
      const to = at({ x: s.frontSeat?.x ?? s.cushionFront.x + 320, y: height })
      return [...bothWays('now', from, to), ...label([(from[0] + to[0]) / 2, from[1] - 6])]
    }
    case 'seat-slide': {
      const under = at({ x: s.cushionFront.x / 2, y: s.cushionFront.y - 190 })
      return [
        line('now', plus(under, -36, 8), plus(under, 36, 8)),
        ...arrow('now', plus(under, 26, 0), plus(under, -26, 0)),
        ...label(plus(under, 0, 20)),
      ]
    }
    case 'backrest-latch': {
      const top = at(s.backrest[1] ?? s.shellTop)
      return [box('now', 'sheet', top[0] - 14, top[1] + 2, 9, 9), ...arrow('now', plus(top, 4, 8), plus(top, 36, 12))]
    }
    case 'head-restraint': {
      const head = s.headRestraint ?? s.backrest.slice(1, 3)
      const spot = at(around(head))
      return [
        ...(s.headRestraint ? [area('now', 'buff', ...out(s.headRestraint))] : []),
        ...arrow('now', plus(spot, -16, 10), plus(spot, -16, -14)),
        ...label(plus(spot, 28, -12)),
      ]
    }
    case 'gap-behind':
      return [line('now', bight, at({ x: -70, y: 190 })), ...arrow('now', at({ x: 190, y: 210 }), at({ x: 14, y: 90 }))]
    case 'gap-under': {
      const along = at({ x: s.cushionFront.x * 0.7, y: s.cushionFront.y * 0.7 + 4 })
      return [line('now', bight, at(s.cushionFront)), ...arrow('now', plus(along, 40, -6), along)]
    }
    case 'nothing-added':
      return [line('now', at({ x: -90, y: 240 }), bight, at(s.cushionFront))]
    case 'push-home':
      return arrow('now', plus(foot, 44, -14), plus(foot, 2, -14))
    case 'movement':
      return [
        ...bothWays('now', plus(foot, -24, -6), plus(foot, 24, -6)),
        ...bothWays('now', plus(foot, -12, 6), plus(foot, 12, -18)),
        ...label(plus(foot, 46, -10)),
      ]
    case 'rebound-bar': {
      const low = at({ x: 30, y: 60 })
      return [line('now', low, at({ x: -60, y: 330 })), ...arrow('now', plus(low, 30, -34), plus(low, 2, -38))]
    }
    case 'belt':
      return s.belt
        ? [line('now', ...out(s.belt)), ...guideDots(guides, out(s.belt))]
        : [area('now', 'sheet', ...out(s.shell))]
    case 'weight':
      return [
        ...arrow('now', plus(middle, 0, -34), plus(middle, 0, 8)),
        ...(s.belt ? [stroke('now', line('now', ...out(s.belt)).d, { width: 2 })] : []),
      ]
    case 'leg':
    case 'notch':
      return s.leg
        ? [
            line('now', at(s.leg.hinge), at(s.leg.foot)),
            line('now', plus(at(s.leg.foot), -9, 0), plus(at(s.leg.foot), 9, 0)),
            ...label(plus(at(s.leg.foot), -34, -12)),
          ]
        : []
    case 'handle': {
      const reach = 46
      return [stroke('now', `M${middle[0] - 20} ${middle[1] + 4}C${middle[0] - 26} ${middle[1] - reach - 16} ${middle[0] + 26} ${middle[1] - reach - 16} ${middle[0] + 20} ${middle[1] + 4}`)] // prettier-ignore
    }
    case 'clear':
      return [dashed('now', ...out(wider(s.shell, shellAt)), at(wider(s.shell, shellAt)[0] as Point))]
    case 'set-down':
      return [area('now', 'sheet', ...out(s.shell)), ...arrow('now', plus(middle, 0, -46), plus(middle, 0, -4))]
    case 'lift':
      return [area('now', 'sheet', ...out(s.shell)), ...arrow('now', plus(middle, 0, -4), plus(middle, 0, -46))]
    case 'lower-tethers': {
      const floorAt = at({ x: (s.frontSeat?.x ?? s.cushionFront.x + 120) + 60, y: s.floorY + 40 })
      const from = direction === 'rearward' ? top : foot
      return [line('now', from, floorAt), ...arrow('now', plus(floorAt, 20, -14), plus(floorAt, 5, -3))]
    }
    case 'sit':
      return s.child
        ? [
            line('now', ...out(s.child.body)),
            ...arrow('now', at(s.child.body[0] as Point), at(s.child.body[1] as Point)),
          ]
        : arrow('now', plus(middle, 0, -40), middle)
    case 'head':
      return headLine(s, at, figure)
    case 'chin': {
      const head = s.child ? at(s.child.head) : top
      const back: Spot = [head[0] - s.toChild.x * 34, head[1] + s.toChild.y * 34]
      return [...arrow('now', head, back)]
    }
    case 'wedge':
      return [
        area('now', 'shoal', ...(s.wedge ? out(s.wedge) : [bight, at({ x: 260, y: 60 }), at({ x: 260, y: 100 })])),
        ...label(plus(bight, 60, 30)),
      ]
    case 'shell-slide':
      return [...bothWays('now', plus(foot, -4, 8), plus(foot, 36, 8)), ...label(plus(foot, 16, 24))]
    case 'straps':
      return [
        ...s.slots.map(({ at: p }) => ring('thing', ...at(p), 2.2)),
        ...(s.strapAt
          ? [ring('now', ...at(s.strapAt), 4, 'now'), ...label(plus(at(s.strapAt), s.toChild.x * -22, -4))]
          : []),
        ...(s.shoulderAt ? [dashed('child', at(s.shoulderAt), at({ x: s.shoulderAt.x + s.toChild.x * 90, y: s.shoulderAt.y + s.toChild.y * 90 }))] : []), // prettier-ignore
      ]
    case 'knees': {
      const knee = s.child?.body[2]
      return knee ? [ring('now', ...at(knee), 7), ...arrow('now', plus(at(knee), 2, 10), plus(at(knee), 2, 36))] : []
    }
    case 'against-backrest':
      return [line('now', bight, at({ x: -90, y: 240 })), ...arrow('now', at({ x: 260, y: 150 }), at({ x: 20, y: 150 })), finger(at({ x: -20, y: 420 }))] // prettier-ignore
  }
}

/** The guides along the belt, evenly, each in its own colour: where exactly they sit no record states. */
function guideDots(guides: readonly DrawnGuide[], belt: readonly Spot[]): readonly Shape[] {
  const lengths = belt.slice(1).map((to, i) => Math.hypot(...minus(to, belt[i] as Spot)))
  const whole = lengths.reduce((sum, x) => sum + x, 0)
  return guides.flatMap((guide, i) => {
    let left = (whole * (i + 1)) / (guides.length + 1)
    let leg = 0
    while (leg < lengths.length - 1 && left > (lengths[leg] ?? 0)) {
      left -= lengths[leg] ?? 0
      leg += 1
    }
    const [from, to] = [belt[leg] as Spot, belt[leg + 1] as Spot]
    const share = left / Math.max(1, lengths[leg] ?? 1)
    return guideDot(guide, i, [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share])
  })
}

/** The maker's line across the shell at its edge, and the head under it. */
function headLine(s: Section, at: ToPaper, figure: string | undefined): readonly Shape[] {
  const edge = s.edgeAt ?? s.shellTop
  const end = { x: edge.x + s.toChild.x * 230, y: edge.y + s.toChild.y * 230 }
  return [
    line('now', at(edge), at(end)),
    ...(s.headLineAt
      ? [dashed('child', at(s.headLineAt), at({ x: s.headLineAt.x + s.toChild.x * 200, y: s.headLineAt.y + s.toChild.y * 200 }))]
      : []),
    ...(figure === undefined ? [] : [word('now', ...plus(at(end), 0, -6), figure)]),
  ] // prettier-ignore
}

const wider = (points: readonly Point[], centre: Point): readonly Point[] =>
  points.map((p) => ({ x: centre.x + (p.x - centre.x) * 1.16, y: centre.y + (p.y - centre.y) * 1.12 }))

/** The fitting cut through the middle of its place, to scale. */
export function side(data: Side): readonly Shape[] {
  const { centre, widthMm } = windowOf(data)
  const scale = (DRAWING_WIDTH - 2 * MARGIN) / widthMm
  const at: ToPaper = (p) => [
    DRAWING_WIDTH / 2 + (p.x - centre.x) * scale,
    DRAWING_HEIGHT / 2 - (p.y - centre.y) * scale,
  ]
  return [...ground(data, at), ...now(data, at)]
}
