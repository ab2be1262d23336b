import { ageMonthsOf } from '../child/index.ts'
import { forecastInput, type ForecastInput, forecastMode, growAll, Passages } from '../forecast/index.ts'
import { measuresOn } from '../growth/index.ts'
import { localEndBounds } from '../law/index.ts'
import { isAdvisedAgainst, matchAll, withAlternatives, type Circumstances, type ModeMatch } from '../match/index.ts'
import { compare, some, toInterval } from '../quantities/index.ts'
import type { ModeSubject } from '../rules/index.ts'
import { asConverted, isBaseUnit, isIntegral, type RestraintUnit } from '../restraint/index.ts'
import type { Span } from '../fit/index.ts'
import type { UnitClass } from './problem.ts'
import type { ArrangeRequest, Pin } from './request.ts'

/** Possible children grown for each child: enough for whole months, few enough for a whole shelf. Our own figure. */
const TRAJECTORIES = 200
/** Children grown last, by what is known of them: a family is asked about again and again. */
const grown = new Map<string, Passages>()
const GROWN_MOST = 12

function passagesOf(input: ForecastInput): Passages {
  const key = JSON.stringify(input)
  const known = grown.get(key)
  if (known) return known
  const passages = new Passages(growAll(input, TRAJECTORIES))
  const [oldest] = grown.keys()
  if (oldest !== undefined && grown.size >= GROWN_MOST) grown.delete(oldest)
  grown.set(key, passages)
  return passages
}

/** The horizon of the forecast: no difference is read into use beyond it. */
const MONTHS_MOST = 144
/** A mode that serves for less is said to end soon. */
const SOON_MONTHS = 6

/** One mode of one kind of unit for one child, whatever the car. */
export interface WayOfChild {
  readonly subject: ModeSubject
  /** By the mode itself, whatever the place. */
  readonly isAdvisedAgainst: boolean
  readonly unitClass: UnitClass
  /** As it stands once it is converted for this mode. */
  readonly unit: RestraintUnit
  readonly isConverted: boolean
  /** Months ahead facing rearward (or lying across) with this unit; 0 where the mode does not. */
  readonly rearwardMonths: number
  /** Months ahead in the restraint's own harness or shield with this unit. */
  readonly harnessMonths: number
  readonly endsSoon: boolean
}

export interface ChildOfFamily {
  readonly circumstances: Circumstances
  readonly breadthMm: Span | undefined
  readonly ways: readonly WayOfChild[]
  /** Beyond what local law asks a restraint of: it may ride on a three-point belt. */
  readonly isBeyondLocalRule: boolean
  readonly isYoungest: boolean
}

/** What does not hang on the car: kinds of units, and what each child could have of them. */
export interface Family {
  readonly request: ArrangeRequest
  readonly classes: readonly UnitClass[]
  readonly children: readonly ChildOfFamily[]
  /** Months, steps and advice are worked out. */
  readonly isWhole: boolean
}

const namedUnits = (pins: readonly Pin[]): ReadonlySet<string> =>
  new Set(pins.flatMap((p) => (p.kind === 'restraint-for' && p.unitId !== undefined ? [p.unitId] : [])))

/** Units that differ in nothing but number, shelf and note stand for one another. */
function classesOf(request: ArrangeRequest): readonly UnitClass[] {
  const owned = new Set(request.ownedUnitIds)
  const off = new Set(request.extrasOff)
  const named = namedUnits([...(request.pins ?? []), ...(request.wishes ?? [])])
  const byKey = new Map<string, RestraintUnit[]>()
  for (const unit of request.units) {
    const { id, serial: _serial, shelf: _shelf, note: _note, ...rest } = unit
    const key = JSON.stringify([rest, owned.has(id), off.has(id), named.has(id) ? id : ''])
    const same = byKey.get(key)
    if (same) same.push(unit)
    else byKey.set(key, [unit])
  }
  return [...byKey.values()].map((units, index) => {
    const first = units[0] as RestraintUnit
    const model = request.restraints.find((m) => m.id === first.modelId)
    if (model === undefined) throw new Error(`Unit ${first.id} is of a model that is not here`)
    return { index, model, units, isOwned: owned.has(first.id) }
  })
}

/** Months that a unit serves on from a mode, through its other modes of the same kind that open before it ends. */
function monthsOn(
  start: ModeMatch,
  modes: readonly ModeMatch[],
  isKind: (m: ModeMatch) => boolean,
  ahead: (m: ModeMatch) => { readonly opensIn: number; readonly left: number },
): number {
  if (!isKind(start)) return 0
  let left = ahead(start).left
  const others = modes.filter(
    (m) => m !== start && isKind(m) && m.standing !== 'not-permitted' && m.standing !== 'outgrown',
  )
  for (let reached = true; reached;) {
    reached = false
    for (const other of others) {
      const { opensIn, left: until } = ahead(other)
      if (opensIn > left || until <= left) continue
      left = until
      reached = true
    }
  }
  return Math.floor(Math.min(left, MONTHS_MOST))
}

const isRearward = (m: ModeMatch): boolean => m.mode.direction !== 'forward'
const isHarnessed = (m: ModeMatch): boolean => isIntegral(m.mode)

type Found = Omit<WayOfChild, 'subject' | 'isAdvisedAgainst'> & { readonly match: ModeMatch }

function childOf(
  request: ArrangeRequest,
  index: number,
  classes: readonly UnitClass[],
  youngest: number,
  hasMonths: boolean,
): ChildOfFamily {
  const child = request.children[index] as ArrangeRequest['children'][number]
  const { today, practice, localRule, journeyMinutes } = request
  const circumstances: Circumstances = { today, child, practice, localRule, journeyMinutes }
  const input = hasMonths ? forecastInput(child, today) : undefined
  const passages = input && passagesOf(input)

  const found = classes.flatMap((unitClass): Found[] => {
    const { model } = unitClass
    const first = unitClass.units[0] as RestraintUnit
    if (isBaseUnit(model, first)) return []
    const stock = model.modes.map((mode) => ({
      model: { ...model, modes: [mode] },
      unit: asConverted(model, mode, first),
    }))
    const matches = matchAll(circumstances, stock)
    const known = new Map<ModeMatch, { readonly opensIn: number; readonly left: number }>()
    const ahead = (m: ModeMatch) => {
      const before = known.get(m)
      if (before) return before
      const { opensIn, left } = passages
        ? forecastMode(passages, circumstances, m)
        : { opensIn: { p50: 0 }, left: { p50: 0 } }
      const months = { opensIn: opensIn.p50, left: left.p50 }
      known.set(m, months)
      return months
    }
    return matches.flatMap((match): Found[] => {
      if (match.decision === 'fail') return []
      const unit = match.unit as RestraintUnit
      return [
        {
          match,
          unitClass,
          unit,
          isConverted: unit !== first,
          rearwardMonths: monthsOn(match, matches, isRearward, ahead),
          harnessMonths: monthsOn(match, matches, isHarnessed, ahead),
          endsSoon: passages !== undefined && ahead(match).left < SOON_MONTHS,
        },
      ]
    })
  })
  // Advice looks at what else the whole shelf would allow this child.
  const harnessed = found.map((f) => f.match).filter(isHarnessed)
  const alternatives = {
    rearward: some(harnessed.filter((m) => m.mode.direction === 'rearward').map((m) => m.decision)),
    harnessed: some(harnessed.map((m) => m.decision)),
  }
  const ways = found.map(({ match, ...way }): WayOfChild => {
    const subject = withAlternatives(match.subject, alternatives)
    return { ...way, subject, isAdvisedAgainst: hasMonths && isAdvisedAgainst('mode', subject) }
  })
  const measures = measuresOn(child, today)
  const of = { statureCm: measures.statureCm, massKg: measures.massKg, ageMonths: ageMonthsOf(child, today) }
  return {
    circumstances,
    breadthMm: toInterval(child.shoulderBreadthMm),
    ways,
    isBeyondLocalRule:
      some(localEndBounds(localRule).map((b) => compare(of[b.quantity], 'at-least', b.limit))) === 'pass',
    isYoungest: index === youngest,
  }
}

/** The child of the latest birth; of ages that are only told, the least. */
function youngestOf({ children, today }: ArrangeRequest): number {
  const ages = children.map((c) => ageMonthsOf(c, today)?.lo ?? Infinity)
  return ages.indexOf(Math.min(...ages))
}

/** `hasMonths`: where it is only asked whether they fit, nobody grows. */
export function familyOf(request: ArrangeRequest, hasMonths = true): Family {
  const classes = classesOf(request)
  const youngest = youngestOf(request)
  return {
    request,
    classes,
    isWhole: hasMonths,
    children: request.children.map((_, i) => childOf(request, i, classes, youngest, hasMonths)),
  }
}
