import {
  adviseNotch,
  angleBand,
  HEAD_LINES,
  insertThicknessMm,
  insertThicknessRangeMm,
  liftMm,
  notchLengthMm,
  shellFigures,
  wedgeAngleDeg,
} from '../fit/index.ts'
import { askRule, worstFirst } from '../match/index.ts'
import {
  exactly,
  formatInterval,
  formatNumber,
  halfWidth,
  interval,
  middle,
  minus,
  plus,
  toInterval,
  type Decision,
  type Interval,
} from '../quantities/index.ts'
import { frontRoomNow, angleNow, type FittedSubject, type RawFinding } from '../rules/index.ts'

/**
 * The arithmetic of one fitting, line by line: value, what is wanted, and the
 * formula with its numbers. Whether a line holds is said by the rules alone.
 */
export interface BenchLine {
  readonly id: BenchLineId
  readonly label: string
  /** `unknown`: a figure is missing, so no rule speaks. */
  readonly state: Decision | 'unknown'
  readonly value: Interval | undefined
  readonly unit: string
  readonly wanted: string
  /** The worst word of the rules on this line, and the others behind it. */
  readonly findings: readonly RawFinding[]
  /** What stands in the way, where a figure is missing. */
  readonly missing: string | undefined
  readonly formula: readonly string[]
  /** The same with the numbers filled in; empty while one is missing. */
  readonly filled: readonly string[]
}

export const BENCH_LINES = [
  'shell-angle', 'front-room', 'leg', 'straps', 'guide', 'head', 'tether', 'belt', 'buckle',
] as const // prettier-ignore
export type BenchLineId = (typeof BENCH_LINES)[number]

/** The rules that speak on each line. */
export const LINE_RULES = {
  'shell-angle': ['shell-angle', 'shell-angle-ceiling', 'set-recline', 'wedge-allowed'],
  'front-room': ['front-clearance', 'place-front-room', 'front-seat-setting'],
  leg: ['leg-notch', 'leg-lift', 'place-leg-range'],
  straps: ['strap-height'],
  guide: ['guide-set'],
  head: ['head-room', 'place-head-restraint-line'],
  tether: ['place-tether-length'],
  belt: ['place-belt-length'],
  buckle: ['place-buckle'],
} as const satisfies Record<BenchLineId, readonly string[]>

/** A number with its ± inside a formula: `(12 ± 1)°`, `36°`. */
function inFormula(x: Interval, unit: string, digits = 0): string {
  const sign = unit === '°' ? '°' : ` ${unit}`
  const half = halfWidth(x)
  const shown = formatNumber(middle(x), digits)
  return half === 0 ? `${shown}${sign}` : `(${shown} ± ${formatNumber(half, half < 1 ? 1 : digits)})${sign}`
}
const mm = (x: Interval | number): string => inFormula(typeof x === 'number' ? exactly(x) : x, 'mm')
const deg = (x: Interval | number): string => inFormula(typeof x === 'number' ? exactly(x) : x, '°', 1)

interface Worked {
  readonly label: string
  readonly value?: Interval | undefined
  readonly unit: string
  readonly wanted: string
  readonly missing?: string | undefined
  readonly formula: readonly string[]
  readonly filled?: readonly string[]
}

function shellAngle(s: FittedSubject): Worked | undefined {
  const { mode, position, settings } = s
  if ((mode.reclines?.length ?? 0) === 0) return undefined
  const isForward = mode.direction === 'forward'
  const band = angleBand(mode, s.child, s.today)
  const now = angleNow(s)
  const recline = mode.reclines?.find((r) => r.id === settings.recline?.value)
  const slope = toInterval(position.cushion?.slopeDeg)
  const wedge = settings.wedge?.value === true ? mode.wedge : undefined
  const omega = wedge ? wedgeAngleDeg(wedge.heightMm, wedge.baseLengthMm) : 0
  const known = 'angle' in now ? now : undefined
  return {
    label: 'Shell angle',
    unit: '°',
    value: known?.angle,
    wanted:
      band === undefined
        ? 'no target stated; never over 45°'
        : band === 'ask-head-control'
          ? 'depends on head control'
          : `${band.fromDeg}–${band.toDeg}° (${band.because})`,
    missing:
      recline === undefined ? 'the recline that is set' : slope === undefined ? 'the cushion’s slope' : undefined,
    formula: [isForward ? 'φ = θ + σ − ω' : 'φ = θ − σ + ω', 'ω = atan(h / B)'],
    filled:
      known === undefined
        ? []
        : known.how === 'measured'
          ? [`φ = ${deg(known.angle)}, measured in the car`]
          : [
              `φ = ${deg(recline?.shellAngleDeg ?? 0)} ${isForward ? '+' : '−'} ${deg(slope ?? exactly(0))} ${isForward ? '−' : '+'} ${deg(omega)} = ${deg(known.angle)}`,
              ...(wedge ? [`ω = atan(${wedge.heightMm} / ${wedge.baseLengthMm}) = ${deg(omega)}`] : []),
            ],
  }
}

const TOUCH_TEXT = {
  'must-touch': 'must touch',
  'must-not-touch': 'must not touch',
  either: 'touch or gap',
} as const

function frontRoom(s: FittedSubject): Worked | undefined {
  const { mode, route, position } = s
  if (mode.direction !== 'rearward' || position.row === 1 || route.frontSeat === undefined) return undefined
  const room = frontRoomNow(s)
  const figures = shellFigures(mode)
  return {
    label: 'Room to the seat in front',
    unit: 'mm',
    value: room?.clearanceMm,
    wanted: `${TOUCH_TEXT[route.frontSeat]}, by the maker`,
    missing:
      figures === undefined
        ? 'the shell’s length and foot, in the catalogue'
        : position.frontClearanceMm === undefined && s.settings.frontSeatGapMm === undefined
          ? 'the distance to the seat in front'
          : room === undefined
            ? 'the shell’s angle'
            : undefined,
    formula: ['X = x₀ + slide + ℓ·sin φ', 'clearance = D − X'],
    filled:
      room === undefined || figures === undefined
        ? []
        : [
            `X = ${mm(figures.footFromBackrestMm)} + ${mm(room.slideMm)} + ${mm(figures.shellLengthMm)}·sin ${deg(room.angle)} = ${mm(room.reachMm)}`,
            `clearance = ${mm(room.distanceMm)} − ${mm(room.reachMm)} = ${mm(room.clearanceMm)}`,
          ],
  }
}

function leg(s: FittedSubject): Worked | undefined {
  const { leg: own } = s.route
  if (own === undefined) return undefined
  const height = toInterval(s.position.cushion?.frontEdgeAboveFloorMm)
  const notch = s.settings.legNotch?.value
  const advice = height === undefined ? undefined : adviseNotch(own, height)
  const needed = advice?.neededMm
  const lift =
    notch !== undefined && needed !== undefined && notch <= own.notches ? liftMm(own, notch, needed) : undefined
  const range = `${own.minLengthMm}–${own.maxLengthMm} mm in ${own.notches} notches`
  return {
    label: notch === undefined ? 'Leg needed' : 'Base lifted by the leg',
    unit: 'mm',
    value: lift ?? needed,
    wanted:
      own.maxLiftMm === undefined ? `${range}; the maker is silent on lift` : `${range}; lifts 0–${own.maxLiftMm} mm`,
    missing: height === undefined ? 'the cushion’s front edge above the bare floor' : undefined,
    formula: ['L = (C + b) / cos ψ', 'L_k = L_min + (k − 1)·(L_max − L_min) / (N − 1)', 'lift = (L_k − L)·cos ψ'],
    filled:
      height === undefined || needed === undefined
        ? []
        : [
            `L = (${mm(height)} + ${mm(own.hingeAboveCushionMm)}) / cos ${deg(own.angleFromVerticalDeg)} = ${mm(needed)}`,
            ...(notch === undefined || lift === undefined
              ? []
              : [
                  `L_${notch} = ${own.minLengthMm} + ${notch - 1}·${own.maxLengthMm - own.minLengthMm} / ${own.notches - 1} = ${formatNumber(notchLengthMm(own, notch))} mm`,
                  `lift = (${formatNumber(notchLengthMm(own, notch))} − ${mm(needed)})·cos ${deg(own.angleFromVerticalDeg)} = ${mm(lift)}`,
                ]),
          ],
  }
}

function straps(s: FittedSubject): Worked | undefined {
  const { mode, shoulderMm, settings } = s
  if (mode.heldBy !== 'harness' || mode.strap === undefined) return undefined
  if (mode.strap.adjuster.kind === 'follows-head-support') return undefined
  const insert = insertThicknessMm(mode, settings.insertsIn?.value ?? [])
  const raised = shoulderMm === undefined ? undefined : plus(shoulderMm, exactly(insert))
  const set = settings.strapHeightMm?.value
  const above = raised === undefined || set === undefined ? undefined : minus(exactly(set), raised)
  return {
    label: above === undefined ? 'Shoulder' : 'Strap exit above the shoulder',
    unit: 'mm',
    value: above ?? raised,
    wanted: mode.direction === 'forward' ? 'at or just above the shoulder' : 'at or just below the shoulder',
    missing: shoulderMm === undefined ? 'the seated shoulder height' : set === undefined ? 'the slot set' : undefined,
    formula: ['S = seated shoulder + insert', 'offset = slot − S'],
    filled:
      shoulderMm === undefined || raised === undefined
        ? []
        : [
            `S = ${mm(shoulderMm)} + ${insert} mm = ${mm(raised)}`,
            ...(set === undefined || above === undefined ? [] : [`offset = ${set} mm − ${mm(raised)} = ${mm(above)}`]),
          ],
  }
}

function guide(s: FittedSubject): Worked | undefined {
  const { mode, shoulder, settings } = s
  if (mode.shape !== 'booster-seat' || mode.beltGuideMm === undefined) return undefined
  const set = settings.strapHeightMm?.value
  const above = shoulder === undefined || set === undefined ? undefined : minus(exactly(set), shoulder.mm)
  return {
    label: 'Belt guide above the shoulder',
    unit: 'mm',
    value: above,
    wanted: `0–20 mm; the guide goes ${mode.beltGuideMm.fromMm}–${mode.beltGuideMm.toMm} mm`,
    missing:
      shoulder === undefined ? 'the seated shoulder height' : set === undefined ? 'the guide’s height' : undefined,
    formula: ['above = guide − seated shoulder'],
    filled:
      above === undefined || shoulder === undefined
        ? []
        : [`above = ${set} mm − ${mm(shoulder.mm)}${shoulder.isEstimated ? ' (estimated)' : ''} = ${mm(above)}`],
  }
}

/** Height of the head's line above the surface under the child's padding, in mm. */
export function headLineMm(s: FittedSubject): Interval | undefined {
  const line = s.mode.headRule && HEAD_LINES[s.mode.headRule]
  if (!line || s.sitting === undefined) return undefined
  const set = s.settings.insertsIn?.value
  const insert = set === undefined ? insertThicknessRangeMm(s.mode, s).least : exactly(insertThicknessMm(s.mode, set))
  return plus(interval(s.sitting.mm.lo * line.share.lo, s.sitting.mm.hi * line.share.hi), insert)
}

function head(s: FittedSubject): Worked | undefined {
  const { mode, sitting, position } = s
  const line = mode.headRule && HEAD_LINES[mode.headRule]
  if (!line) return undefined
  const byCar = mode.headRule === 'ears-below-vehicle-head-restraint'
  const height = headLineMm(s)
  const top = toInterval(position.headRestraintTopMm)
  const edge = byCar
    ? top === undefined || mode.sitAboveCushionMm === undefined
      ? undefined
      : minus(top, exactly(mode.sitAboveCushionMm))
    : mode.shellEdgeMm === undefined
      ? undefined
      : exactly(mode.shellEdgeMm)
  const below = height === undefined || edge === undefined ? undefined : minus(edge, height)
  const share =
    halfWidth(line.share) === 0 ? '' : ` × ${formatNumber(line.share.lo, 2)} to ${formatNumber(line.share.hi, 2)}`
  return {
    label: `${line.what} below the edge`,
    unit: 'mm',
    value: below,
    wanted: byCar ? 'no higher than the car’s head restraint' : 'no higher than the edge',
    missing:
      height === undefined
        ? 'the sitting height'
        : edge === undefined
          ? byCar
            ? 'the head restraint’s top, or the cushion’s height'
            : 'the shell’s edge, in the catalogue'
          : undefined,
    formula: [`line = sitting height${share} + insert`, 'below = edge − line'],
    filled:
      below === undefined || sitting === undefined || height === undefined || edge === undefined
        ? []
        : [
            `line = ${mm(sitting.mm)}${sitting.isEstimated ? ' (estimated)' : ''}${share} + insert = ${mm(height)}`,
            `below = ${mm(edge)} − ${mm(height)} = ${mm(below)}`,
          ],
  }
}

function tether(s: FittedSubject): Worked | undefined {
  const { topTether } = s.route
  if (topTether === undefined || topTether.use === 'not-used') return undefined
  const path = toInterval(s.position.tether?.pathLengthMm)
  const { minLengthMm: from, maxLengthMm: to } = topTether
  const isStated = from !== undefined || to !== undefined
  return {
    label: 'Tether path',
    unit: 'mm',
    value: path,
    wanted: isStated ? `strap ${from ?? 0}–${to === undefined ? 'any' : `${to} mm`}` : 'strap length not stated',
    missing:
      path === undefined ? 'the path to the anchorage' : isStated ? undefined : 'the strap’s range, in the catalogue',
    formula: ['shortest strap ≤ path ≤ longest strap'],
    filled: path === undefined || !isStated ? [] : [`${from ?? 0} mm ≤ ${mm(path)} ≤ ${to ?? '∞'} mm`],
  }
}

function belt(s: FittedSubject): Worked | undefined {
  const { belt: use } = s.route
  if (use === undefined) return undefined
  const usable = toInterval(s.position.belt?.usableLengthMm)
  const needed = use.requiredLengthMm
  const spare = usable === undefined || needed === undefined ? undefined : minus(usable, exactly(needed))
  return {
    label: 'Belt to spare',
    unit: 'mm',
    value: spare,
    wanted: needed === undefined ? 'the path’s need is not stated' : `the path needs ${needed} mm`,
    missing:
      usable === undefined
        ? 'the usable belt'
        : needed === undefined
          ? 'what the path needs, in the catalogue'
          : undefined,
    formula: ['spare = usable belt − path'],
    filled: spare === undefined || usable === undefined ? [] : [`spare = ${mm(usable)} − ${needed} mm = ${mm(spare)}`],
  }
}

function buckle(s: FittedSubject): Worked | undefined {
  const edge = s.route.belt?.pathEdgeAboveBightMm
  if (edge === undefined || s.route.belt?.lock.kind === 'free') return undefined
  const top = toInterval(s.position.belt?.buckleTopMm)
  const above = top === undefined ? undefined : minus(top, exactly(edge))
  return {
    label: 'Buckle top above the path’s edge',
    unit: 'mm',
    value: above,
    wanted: 'at most 0 mm',
    missing: top === undefined ? 'the buckle’s height' : undefined,
    formula: ['above = buckle top − edge'],
    filled: above === undefined || top === undefined ? [] : [`above = ${mm(top)} − ${edge} mm = ${mm(above)}`],
  }
}

const WORK: Record<BenchLineId, (s: FittedSubject) => Worked | undefined> = {
  'shell-angle': shellAngle,
  'front-room': frontRoom,
  leg,
  straps,
  guide,
  head,
  tether,
  belt,
  buckle,
}

/** Every line that this mode, route and place have, in the order of work. */
export function benchLines(s: FittedSubject): readonly BenchLine[] {
  return BENCH_LINES.flatMap((id): BenchLine[] => {
    const worked = WORK[id](s)
    if (worked === undefined) return []
    const findings = LINE_RULES[id]
      .map((rule) => askRule(rule, s))
      .filter((f) => f !== undefined)
      .toSorted(worstFirst)
    return [
      {
        id,
        label: worked.label,
        state: findings[0]?.outcome.kind ?? 'unknown',
        value: worked.value,
        unit: worked.unit,
        wanted: worked.wanted,
        findings,
        missing: worked.missing,
        formula: worked.formula,
        filled: worked.filled ?? [],
      },
    ]
  })
}

/** `24 ± 1°`, `−12 ± 20 mm`; what is missing where there is no value. */
export const lineValueText = (line: BenchLine): string =>
  line.value === undefined
    ? 'not known'
    : formatInterval(line.value, line.unit, line.unit === '°' ? 1 : 0).replace(' °', '°')
