import { angleBand, isBehindDriver } from '../fit/index.ts'
import { advisesAgainst, askRule, decide, unpassedBy, whatIf, type SettingValues } from '../match/index.ts'
import { anglePreference, recommendSettings } from '../procedure/index.ts'
import { bestFirst, DECISION_RANK, every, middle, toInterval, type Decision } from '../quantities/index.ts'
import { angleNow, frontRoomNow, severityOf, type FittedSubject, type RawFinding } from '../rules/index.ts'
import { benchLines, LINE_RULES } from './lines.ts'

/**
 * Search for settings that satisfy everything on the bench at once.
 *
 * The leg's notch meets no rule that another setting meets, so it is searched
 * alone; recline × wedge × slide × seat in front are searched together, whole.
 * `find-set-up.test.ts` holds the split to the search over everything at once.
 */
export interface FoundSetUp {
  readonly values: SettingValues
  readonly decision: Decision
  /** Rules of makers and schools that advise against it. */
  readonly advisedAgainst: number
  /** Least room of any rule, as a share of what is plenty; at most 1. */
  readonly room: number
  /** Everything the rules of the bench say of it, in the order of the bench. */
  readonly findings: readonly RawFinding[]
  /** Lines of the bench that nothing could be said of, each with the figure that is missing. */
  readonly missing: readonly string[]
}

interface SetUpSearch {
  readonly tried: number
  /** Best first; never empty. */
  readonly found: readonly FoundSetUp[]
}

/** What is plenty of room for each rule: more than that makes no set-up better. */
const PLENTY: Readonly<Record<string, number>> = {
  'shell-angle': 5,
  'shell-angle-ceiling': 5,
  'front-clearance': 50,
  'leg-lift': 8,
}
/** Room is compared in steps, so that a millimetre does not outweigh a simpler set-up. */
const ROOM_STEP = 0.1
const SLIDE_STEP_MM = 10
const FRONT_SEAT_STEP_MM = 10

/** Rules that the searched settings bear on; the others say the same of every set-up. */
const SEARCHED_RULES = [...LINE_RULES['shell-angle'], ...LINE_RULES['front-room'], 'leg-notch', 'leg-lift'] as const
const LEG_RULES = ['leg-notch', 'leg-lift'] as const
/** Says the same of every set-up at this place: asked once. */
const PLACE_RULES = ['place-front-room'] as const
const ASKED_APART: readonly string[] = [...LEG_RULES, ...PLACE_RULES]
const TILT_RULES = SEARCHED_RULES.filter((id) => !ASKED_APART.includes(id))

interface Tried extends Omit<FoundSetUp, 'missing'> {
  readonly preference: number
  readonly extras: number
}

function roomOf(findings: readonly RawFinding[]): number {
  let room = 1
  for (const { rule, outcome } of findings) {
    const plenty = PLENTY[rule.id]
    if (plenty !== undefined && outcome.margin !== undefined) room = Math.min(room, outcome.margin / plenty)
  }
  return room
}

/** Things a set-up asks for beyond the plainest: each has to be done, kept and remembered. */
function extrasOf(values: SettingValues): number {
  return (
    (values.wedge === true ? 1 : 0) +
    (values.slideMm !== undefined && values.slideMm > 0 ? 1 : 0) +
    (values.frontSeatGapMm !== undefined ? 1 : 0)
  )
}

/** The fitting with searched settings; `s` has been looked at in none of what they un-pass. */
function withSettings(s: FittedSubject, values: SettingValues): FittedSubject {
  const settings: Record<string, unknown> = { ...s.settings }
  for (const [id, value] of Object.entries(values)) {
    if (value === undefined) delete settings[id]
    else settings[id] = { value, at: 0 }
  }
  return { ...s, settings: settings as FittedSubject['settings'] }
}

function judged(s: FittedSubject, values: SettingValues, rules: readonly string[]): Tried {
  const subject = withSettings(s, values)
  const findings = rules.map((id) => askRule(id, subject)).filter((f) => f !== undefined)
  const band = angleBand(subject)
  const now = angleNow(subject)
  const preference =
    band === undefined || band === 'ask-head-control' || !('angle' in now)
      ? 0
      : anglePreference(subject, band)(now.angle)
  return {
    values,
    decision: decide(findings),
    advisedAgainst: findings.filter(advisesAgainst).length,
    room: roomOf(findings),
    findings,
    preference,
    extras: extrasOf(values),
  }
}

/** What blocks; advice against it is weighed after. */
const failures = (t: Tried): number =>
  t.findings.filter((f) => f.outcome.kind === 'fail' && severityOf(f) !== 'advise').length
const steps = (room: number): number => Math.floor(room / ROOM_STEP + 1e-9)

/** Better first: what holds, what nobody advises against, simpler, as the school likes it, more room. */
function compareTried(a: Tried, b: Tried): number {
  return (
    bestFirst(a, b) ||
    failures(a) - failures(b) ||
    a.advisedAgainst - b.advisedAgainst ||
    (a.decision === 'pass' ? a.extras - b.extras : 0) ||
    (a.decision === 'pass' ? b.preference - a.preference : 0) ||
    steps(b.room) - steps(a.room) ||
    a.extras - b.extras
  )
}

/** A foot that stands and lifts the base too far before one that hangs in the air. */
const compareLegs = (a: Tried, b: Tried): number => {
  const stands = (t: Tried): number =>
    DECISION_RANK[t.findings.find((f) => f.rule.id === 'leg-notch')?.outcome.kind ?? 'undecided']
  return bestFirst(a, b) || stands(b) - stands(a) || compareTried(a, b)
}

const range = (low: number, high: number, step: number): readonly number[] => {
  const out: number[] = []
  for (let x = low; x <= high + 1e-9; x += step) out.push(x)
  return out
}

/** Distances at which the seat in front may be put; `undefined` leaves it where its tallest user has it. */
function frontSeats(s: FittedSubject): readonly (number | undefined)[] {
  const { mode, position, route, vehicle } = s
  if (mode.direction !== 'rearward' || position.row === 1 || route.frontSeat === undefined) return [undefined]
  const track = position.frontSeatRangeMm
  const tallest = toInterval(position.frontClearanceMm)
  if (tallest === undefined || track === undefined) return [undefined]
  const high = isBehindDriver(vehicle, position)
    ? Math.min(track.fullyForwardMm, middle(tallest))
    : track.fullyForwardMm
  return [undefined, ...range(track.fullyBackMm, high, FRONT_SEAT_STEP_MM)]
}

/** The distance at which the seat in front just touches, where the maker asks for that. */
function touching(s: FittedSubject, values: SettingValues): readonly number[] {
  if (s.route.frontSeat !== 'must-touch' || s.position.frontSeatRangeMm === undefined) return []
  const room = frontRoomNow(whatIf(s, values))
  const { fullyBackMm, fullyForwardMm } = s.position.frontSeatRangeMm
  const at = room && Math.round(middle(room.reachMm))
  return at !== undefined && at >= fullyBackMm && at <= fullyForwardMm ? [at] : []
}

function tilts(s: FittedSubject): readonly SettingValues[] {
  const { mode, route } = s
  const permitted = route.permittedReclines ?? mode.reclines?.map((r) => r.id) ?? []
  const reclines: readonly (string | undefined)[] = (mode.reclines?.length ?? 0) > 0 ? permitted : [undefined]
  const wedges: readonly (boolean | undefined)[] = mode.wedge?.allowed ? [false, true] : s.settings.wedge ? [false] : [undefined] // prettier-ignore
  const slides: readonly (number | undefined)[] = mode.slidesOnBaseMm ? range(0, mode.slidesOnBaseMm, SLIDE_STEP_MM) : [undefined] // prettier-ignore
  return reclines.flatMap((recline) =>
    wedges.flatMap((wedge) =>
      slides.map((slideMm) => ({
        ...(recline !== undefined && { recline }),
        ...(wedge !== undefined && { wedge }),
        ...(slideMm !== undefined && { slideMm }),
      })),
    ),
  )
}

/** Every combination of recline, wedge, slide and seat in front that the maker allows. */
function combinations(s: FittedSubject): readonly SettingValues[] {
  const seats = frontSeats(s)
  return tilts(s).flatMap((tilt) =>
    [...seats, ...touching(s, tilt)].map((frontSeatGapMm) => ({ ...tilt, frontSeatGapMm })),
  )
}

const notches = (s: FittedSubject): readonly number[] =>
  s.route.leg ? Array.from({ length: s.route.leg.notches }, (_, i) => i + 1) : []

/** What follows from the child alone: padding, and straps for the padding. */
function childSettings(s: FittedSubject): SettingValues {
  const insertsIn = recommendSettings(s).find((r) => r.setting === 'insertsIn' && r.kind === 'set')
  const values: SettingValues = insertsIn?.kind === 'set' ? { insertsIn: insertsIn.value as string[] } : {}
  const padded = whatIf(s, values)
  const strap = recommendSettings(padded).find((r) => r.setting === 'strapHeightMm' && r.kind === 'set')
  return strap?.kind === 'set' ? { ...values, strapHeightMm: strap.value as number } : values
}

/** A set-up is never said to pass while the room before it is not known. */
const MUST_BE_KNOWN: readonly string[] = ['shell-angle', 'front-room', 'leg']

function merged(
  start: FittedSubject,
  tilt: Tried,
  leg: Tried | undefined,
  child: SettingValues,
  ofPlace: readonly RawFinding[],
): FoundSetUp {
  const values = { ...child, ...tilt.values, ...leg?.values }
  const findings = [...tilt.findings, ...ofPlace, ...(leg?.findings ?? [])]
  const unknown = benchLines(withSettings(start, values)).filter(
    (l) => l.state === 'unknown' && l.missing !== undefined,
  )
  const isOpen = unknown.some((l) => MUST_BE_KNOWN.includes(l.id))
  return {
    values,
    missing: unknown.map((l) => `${l.label}: ${l.missing}`),
    decision: every([decide(findings), isOpen ? 'undecided' : 'pass']),
    advisedAgainst: findings.filter(advisesAgainst).length,
    room: roomOf(findings),
    findings,
  }
}

/**
 * Where a search begins: the child's settings made, and nothing looked at that
 * a searched setting un-passes. What was seen belongs to the set-up it was seen in.
 */
function beginning(s: FittedSubject, child: SettingValues): FittedSubject {
  const again = unpassedBy(s, ['recline', 'wedge', 'slideMm', 'legNotch', 'frontSeatGapMm'])
  const start = whatIf(s, { ...child, frontSeatGapMm: undefined })
  return {
    ...start,
    look: (id) => (again.has(id) ? {} : start.look(id)),
    noted: start.noted.filter((id) => !again.has(id)),
    asked: undefined,
  }
}

/**
 * The settings that pass everything with the best margins, or the least bad
 * with what stands in their way.
 *
 * @param most how many different set-ups to return
 */
export function findSetUp(s: FittedSubject, most = 4): SetUpSearch {
  const child = childSettings(s)
  const start = beginning(s, child)
  const bestNotch = notches(start)
    .map((legNotch) => judged(start, { legNotch }, LEG_RULES))
    .toSorted(compareLegs)[0]
  const all = combinations(start).map((values) => judged(start, values, TILT_RULES))
  const ofPlace = PLACE_RULES.map((id) => askRule(id, start)).filter((f) => f !== undefined)
  const seen = new Set<string>()
  const found = all
    .toSorted(compareTried)
    .filter((t) => {
      // One line for each recline and wedge: the seat in front and the slide at their best.
      const key = `${t.values.recline}/${t.values.wedge}`
      return seen.size < most && !seen.has(key) && seen.add(key)
    })
    .map((t) => merged(start, t, bestNotch, child, ofPlace))
  return { tried: all.length + notches(start).length, found }
}

/** The search over everything at once, for tests: slow, and obviously right. */
export function findSetUpWhole(s: FittedSubject): Omit<FoundSetUp, 'missing'> | undefined {
  const child = childSettings(s)
  const start = beginning(s, child)
  const legs: readonly (number | undefined)[] = s.route.leg ? notches(start) : [undefined]
  return combinations(start)
    .flatMap((values) =>
      legs.map((legNotch) => judged(start, { ...values, ...(legNotch !== undefined && { legNotch }) }, SEARCHED_RULES)),
    )
    .toSorted(compareTried)[0]
}
