import { type IsoDate } from '../ground/index.ts'
import { chosenIn, type Case } from '../casefile/index.ts'
import { forecastInput, forecastMode, growAll, Passages } from '../forecast/index.ts'
import { childSide, decide, evaluate, modeSubject, type StockItem } from '../match/index.ts'
import { addDays, DAYS_PER_MONTH, type Decision } from '../quantities/index.ts'
import type { Mode, RestraintModel, RestraintUnit } from '../restraint/index.ts'
import { severityOf, type ModeSubject } from '../rules/index.ts'
import { AHEAD_TRAJECTORIES, dutyEnds } from './road-ahead.ts'

/** One mode in use from a day to a day, by the middle of the possible children. */
export interface Stretch {
  readonly model: RestraintModel
  readonly unit: RestraintUnit | undefined
  readonly mode: Mode
  readonly from: IsoDate
  /** Absent where the mode outlasts the duty or the tables. */
  readonly to?: IsoDate
  /** From when it might be used: before "from", where it overlaps with the one before. */
  readonly mayBeginFrom: IsoDate
  /** A restraint that was not in use before. */
  readonly isNew: boolean
  /** Whether its unit is sound is not known: it is looked at before anybody counts on it. */
  readonly isUnsure: boolean
}

/** Days on which nothing of the stock serves. */
export interface Gap {
  readonly from: IsoDate
  readonly to?: IsoDate
}

export interface RestraintSequence {
  readonly by: 'profile' | 'fewest'
  readonly legs: readonly Stretch[]
  readonly gaps: readonly Gap[]
  readonly restraints: number
}

interface Usable {
  readonly item: StockItem & { readonly mode: Mode }
  readonly opens: number
  readonly ends: number
  /** Nobody knows yet whether the unit may be used. */
  readonly isUnsure: boolean
  /** Rearward before forward, harness before booster. */
  readonly care: number
}

const careOf = (mode: Mode): number => (mode.heldBy === 'vehicle-belt' ? 0 : 1) + (mode.direction === 'forward' ? 0 : 1)
const itemKey = ({ model, unit }: StockItem): string => `${model.id}/${unit?.id ?? ''}`

/**
 * Rules that ask of the thing itself, not of the child who grows: what fails one of them today serves nobody tomorrow.
 * What a conversion or a finished job mends is not among them.
 */
const RULES_OF_THE_THING: ReadonlySet<string> = new Set([
  'unit-sound',
  'unit-in-life',
  'unit-parts',
  'unit-variant',
  'R44-series',
  'local-r44',
  'catalogue-sound',
])
/** A job that is not done, or whose checks failed: whether the unit comes back is not known. */
const AWAITS_CHECK = 'unit-awaits-check'

function standingOf(subject: ModeSubject): Decision {
  const findings = evaluate('mode', subject).filter((f) => severityOf(f) !== 'advise')
  const own = decide(findings.filter((f) => RULES_OF_THE_THING.has(f.rule.id)))
  const awaits = findings.some((f) => f.rule.id === AWAITS_CHECK && f.outcome.kind !== 'pass')
  return own === 'pass' && awaits ? 'undecided' : own
}

/** When each mode of a stock opens and ends for the middle child, in months from today; one window of each model. */
function windowsOf(
  c: Case,
  stock: readonly StockItem[],
  passages: Passages,
  tell: (share: number) => void,
): readonly Usable[] {
  const circumstances = { today: c.today, child: c.child, practice: c.practice, localRule: c.localRule }
  return stock.flatMap((item, i) => {
    tell(i / stock.length)
    return item.model.modes.flatMap((mode): Usable[] => {
      const standing = standingOf(modeSubject(childSide(circumstances), item.model, mode, item.unit))
      if (standing === 'fail') return []
      const { opensIn, left, shareEverOpen } = forecastMode(passages, circumstances, { ...item, mode })
      if (shareEverOpen < 0.5 || left.p50 <= opensIn.p50) return []
      return [
        {
          item: { ...item, mode },
          opens: opensIn.p50,
          ends: left.p50,
          isUnsure: standing === 'undecided' && item.unit !== undefined,
          care: careOf(mode),
        },
      ]
    })
  })
}

/**
 * Restraints one after another from what is in use now to the end of the duty.
 * `fewest` takes what reaches furthest, which is the fewest changes that there
 * can be; `profile` takes the most careful kind that serves, and of those what
 * reaches furthest. A restraint in use already goes before another of its kind.
 */
function sequenceBy(
  by: RestraintSequence['by'],
  c: Case,
  windows: readonly Usable[],
  untilMonths: number,
): RestraintSequence {
  const day = (months: number): IsoDate => addDays(c.today, Math.round(months * DAYS_PER_MONTH))
  const legs: Stretch[] = []
  const gaps: Gap[] = []
  const used = new Set<string>()
  const { model, unit, mode } = chosenIn(c)
  let at = 0
  let current = windows.find(
    (w) =>
      w.item.model.id === model?.id &&
      w.item.mode.id === mode?.id &&
      (unit === undefined || w.item.unit?.id === unit.id),
  )
  // Each round uses a window up or passes a gap, so there are at most as many.
  for (let round = 0; round <= windows.length && at < untilMonths; round += 1) {
    if (current) {
      const key = itemKey(current.item)
      const to = Math.min(current.ends, untilMonths)
      legs.push({
        model: current.item.model,
        unit: current.item.unit,
        mode: current.item.mode,
        from: day(at),
        mayBeginFrom: day(Math.min(current.opens, at)),
        ...(Number.isFinite(to) && { to: day(to) }),
        isNew: !used.has(key) && legs.length > 0,
        isUnsure: current.isUnsure,
      })
      used.add(key)
      at = to
      if (at >= untilMonths) break
    }
    const better = (a: Usable, b: Usable): number => {
      const owned = (w: Usable): number => Number(used.has(itemKey(w.item)))
      const care = by === 'profile' ? b.care - a.care : 0
      return (
        Number(a.isUnsure) - Number(b.isUnsure) ||
        care ||
        Math.min(b.ends, untilMonths) - Math.min(a.ends, untilMonths) ||
        owned(b) - owned(a) ||
        b.care - a.care
      )
    }
    const open = windows.filter((w) => w.opens <= at + 1e-6 && w.ends > at + 1e-6).toSorted(better)
    current = open[0]
    if (current) continue
    const next = Math.min(...windows.filter((w) => w.opens > at).map((w) => w.opens), untilMonths)
    gaps.push({ from: day(at), ...(Number.isFinite(next) && { to: day(next) }) })
    at = next
  }
  return { by, legs, gaps, restraints: used.size }
}

/**
 * Ways through the years with this stock: by the practice profile, and with the
 * fewest changes; empty while the child is not measured.
 *
 * @param tell is told before each item of the stock which share is looked through, 0 to 1
 */
export function sequencesAhead(
  c: Case,
  stock: readonly StockItem[],
  count = AHEAD_TRAJECTORIES,
  tell: (share: number) => void = () => undefined,
): readonly RestraintSequence[] {
  const input = forecastInput(c.child, c.today)
  if (!input || stock.length === 0) return []
  const passages = new Passages(growAll(input, count))
  const until = dutyEnds(c, passages).p50
  const windows = windowsOf(c, stock, passages, tell)
  const byProfile = sequenceBy('profile', c, windows, until)
  const fewest = sequenceBy('fewest', c, windows, until)
  const text = (s: RestraintSequence): string => s.legs.map((l) => `${l.model.id}/${l.mode.id}`).join()
  return text(byProfile) === text(fewest) ? [byProfile] : [byProfile, fewest]
}
