import { oncePer } from '../ground/index.ts'
import { askRule, worstFirst } from '../match/index.ts'
import { formatInterval, type Decision, type Interval } from '../quantities/index.ts'
import type { FittedSubject, RawFinding } from '../rules/index.ts'
import type { Window, Worked } from './worked.ts'
import { guide, head, straps } from './workings-child.ts'
import { frontRoom, leg, shellAngle } from './workings-shell.ts'
import { belt, buckle, tether } from './workings-straps.ts'
import * as msg from './messages.en.ts'

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
  /** The ends of it in figures, of the value as it stands here; `undefined` where it has none. */
  readonly window: Window | undefined
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

/** The worst that is said is only that a figure is missing, and a look in the car will settle it. */
const isOpenFigure = (worst: RawFinding | undefined): boolean =>
  worst?.outcome.kind === 'undecided' && worst.outcome.settledBy !== undefined

/** A figure that is not known is never shown as good, unless its own rule was settled by something else. */
function stateOf(id: BenchLineId, worked: Worked, findings: readonly RawFinding[]): BenchLine['state'] {
  const [worst] = findings
  if (worst === undefined || isOpenFigure(worst)) return 'unknown'
  const own = findings.find((f) => f.rule.id === LINE_RULES[id][0])
  return worst.outcome.kind === 'pass' && worked.value === undefined && own === undefined
    ? 'unknown'
    : worst.outcome.kind
}

/** Every line that this mode, route and place have, in the order of work. */
export const benchLines = oncePer((s: FittedSubject): readonly BenchLine[] =>
  BENCH_LINES.flatMap((id): BenchLine[] => {
    const worked = WORK[id](s)
    if (worked === undefined) return []
    const findings = worstFirst(LINE_RULES[id].map((rule) => askRule(rule, s)).filter((f) => f !== undefined))
    return [
      {
        id,
        label: worked.label,
        state: stateOf(id, worked, findings),
        value: worked.value,
        unit: worked.unit,
        wanted: worked.wanted,
        window: worked.window,
        findings,
        missing: worked.missing,
        formula: worked.formula,
        filled: worked.filled ?? [],
      },
    ]
  }),
)

/** What stands where a figure would. */
export const NO_FIGURE = { open: msg.notKnown, settled: msg.settledByALook } as const

/** `24 ± 1°`, `−12 ± 20 mm`; what is missing where there is no value. */
export const lineValueText = (line: BenchLine): string =>
  line.value === undefined
    ? NO_FIGURE[line.state === 'pass' ? 'settled' : 'open']
    : formatInterval(line.value, line.unit, line.unit === '°' ? 1 : 0).replace(' °', '°')
