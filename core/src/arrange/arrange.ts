import type { RestraintUnit } from '../restraint/index.ts'
import { CAUTION } from '../verdict/index.ts'
import { compile } from './compile.ts'
import { smallestConflict, type ConflictFact } from './conflict.ts'
import type { Fact } from './facts.ts'
import { familyOf } from './family.ts'
import { compareLevels, tellsApart, toldLevels, type Level, type Levels, type ToldLevels } from './levels.ts'
import { loadingOrder, seatedAt, wayIn } from './loading.ts'
import { bestChange, type SingleChange } from './one-change.ts'
import type { Candidate, CarProblem, Place } from './problem.ts'
import type { ArrangeRequest } from './request.ts'
import { Rows } from './rows.ts'
import { compareArranged, searchCar, type Arranged, type Word } from './search.ts'
import { mostThatFit } from './without-some.ts'

/** `not-known`: stopped before any was found, and before it was sure that there is none. */
export type ArrangeVerdict = 'fits' | 'fits-if-measured' | 'does-not-fit' | 'not-known'

/** Where one child rides; a child beyond the local rule has no restraint. */
export interface Seat {
  readonly childId: string
  readonly positionId: string
  readonly secondPositionId?: string | undefined
  readonly modelId?: string | undefined
  readonly modeId?: string | undefined
  readonly routeId?: string | undefined
  readonly unitId?: string | undefined
  readonly baseUnitId?: string | undefined
  /** The unit stands otherwise now: it has to be converted or turned round first. */
  readonly needsConversion?: true | undefined
  /** The airbag before the place must be on or off. */
  readonly airbag?: 'on' | 'off' | undefined
  /** Months ahead facing rearward and in a harness, and what of them is lost against the best alone. */
  readonly rearwardMonths: number
  readonly harnessMonths: number
  readonly rearwardMonthsLost: number
  readonly harnessMonthsLost: number
}

/** Where one of a row stands: its middle, off the middle of its place, and how far it may be moved; mm. */
export interface Stand {
  readonly riderId: string
  readonly positionId: string
  readonly shiftMm: number
  readonly shiftFromMm: number
  readonly shiftToMm: number
}
export interface RowOf {
  readonly row: number
  readonly state: 'certain' | 'possible'
  /** Absent where nothing stands side by side. */
  readonly marginMm?: number | undefined
  readonly stands: readonly Stand[]
}

export interface Arrangement {
  readonly vehicleId: string
  readonly seats: readonly Seat[]
  readonly adults: readonly {
    readonly adultId: string
    readonly positionId: string
    readonly airbag?: 'on' | undefined
  }[]
  readonly levels: ToldLevels
  /** Still to be measured or read. */
  readonly facts: readonly Fact[]
  readonly rows: readonly RowOf[]
  /** Children whose restraint goes in first, to last. */
  readonly installing: readonly string[]
  /** Who gets in first, to last, and past which places. */
  readonly loading: readonly { readonly riderId: string; readonly past: readonly string[] }[]
  /** The level that tells it from the best; absent for the best and for a tie. */
  readonly because?: Level | undefined
}

export interface CarVerdict {
  readonly vehicleId: string
  readonly verdict: ArrangeVerdict
  readonly levels?: ToldLevels | undefined
}

export interface ArrangeResult {
  readonly verdict: ArrangeVerdict
  /** `best`: searched to the end. Otherwise what the best found so far may still be short of. */
  readonly proof: 'best' | 'best-so-far'
  readonly gap?:
    { readonly level: Level; readonly found?: number | undefined; readonly bound?: number | undefined } | undefined
  /** Best first; all different. */
  readonly arrangements: readonly Arrangement[]
  /** How many of them are as good as the first. */
  readonly ties: number
  readonly cars: readonly CarVerdict[]
  /** What to measure next, where nothing is certain yet. */
  readonly measureNext?: Fact | undefined
  /** Where not all of them fit: as many as do, and who is left out. */
  readonly without?: { readonly arrangement: Arrangement; readonly childIds: readonly string[] } | undefined
  /** Where not all of them fit: the fewest facts that cannot all stand together, in which car. */
  readonly conflict?: { readonly vehicleId: string; readonly facts: readonly ConflictFact[] } | undefined
  /** Where not all of them fit: the single change that helps most. */
  readonly change?: SingleChange | undefined
  /** It was stopped, or ran out of time, before all of this was worked out. */
  readonly isCutShort?: true | undefined
  readonly nodes: number
  readonly caution: string
}

export interface ArrangeProgress {
  readonly vehicleId: string
  /** Share of the cars searched, with the share of the one being searched. */
  readonly share: number
  readonly nodes: number
  readonly best?: ToldLevels | undefined
}

const ALTERNATIVES = 5

const verdictOf = (best: Arranged | undefined, isWhole: boolean): ArrangeVerdict =>
  best === undefined ? (isWhole ? 'does-not-fit' : 'not-known') : best.facts.length === 0 ? 'fits' : 'fits-if-measured'

/** Units of each class handed out one after another. */
function unitsFor({ problem }: Arranged): (unitClass: number | undefined) => RestraintUnit | undefined {
  const given = new Map<number, number>()
  return (unitClass) => {
    if (unitClass === undefined) return undefined
    const turn = given.get(unitClass) ?? 0
    given.set(unitClass, turn + 1)
    return problem.classes[unitClass]?.units[turn]
  }
}

const idAt = (problem: CarProblem, place: number): string => (problem.places[place] as Place).position.id

function rowsOf({ problem, picks }: Arranged): readonly RowOf[] {
  const rows = new Rows(problem)
  return [...new Set(problem.places.map((p) => p.row))].flatMap((row): RowOf[] => {
    const here = rows.inRow(picks, row)
    if (here.length === 0) return []
    const { state, marginMm } = rows.stateOf(here, true)
    const stands = rows.placing(here)
    return [
      {
        row,
        state: state === 'certain' ? 'certain' : 'possible',
        ...(Number.isFinite(marginMm) && { marginMm }),
        stands: (stands ?? []).map((at, i): Stand => {
          const c = here[i] as Candidate
          const middle = c.centreMm as number
          return {
            riderId: problem.riders[c.rider]?.id ?? '',
            positionId: idAt(problem, c.place),
            shiftMm: at.atMm - middle,
            shiftFromMm: at.fromMm - middle,
            shiftToMm: at.toMm - middle,
          }
        }),
      },
    ]
  })
}

/** An arrangement as it is told. */
function arrangementOf(arranged: Arranged, best?: Arranged): Arrangement {
  const { problem, picks, levels, facts } = arranged
  const unit = unitsFor(arranged)
  const kindOf = (c: Candidate) => problem.riders[c.rider]?.kind
  const idOf = (c: Candidate): string => problem.riders[c.rider]?.id ?? ''
  const at = seatedAt(picks)
  const order = loadingOrder(problem, picks)
  const seats = picks
    .filter((c) => kindOf(c) === 'child')
    .map((c): Seat => ({
      childId: idOf(c),
      positionId: idAt(problem, c.place),
      ...(c.second !== undefined && { secondPositionId: idAt(problem, c.second) }),
      ...(c.model && { modelId: c.model.id }),
      ...(c.mode && { modeId: c.mode.id }),
      ...(c.route && { routeId: c.route.id }),
      ...(c.unitClass !== undefined && { unitId: unit(c.unitClass)?.id }),
      ...(c.baseClass !== undefined && { baseUnitId: unit(c.baseClass)?.id }),
      ...(c.isConverted && { needsConversion: true as const }),
      ...(c.airbag !== 'either' && { airbag: c.airbag }),
      rearwardMonths: c.rearwardMonths,
      harnessMonths: c.harnessMonths,
      rearwardMonthsLost: c.rearwardLost,
      harnessMonthsLost: c.harnessLost,
    }))
  return {
    vehicleId: problem.vehicle.id,
    seats,
    adults: picks
      .filter((c) => kindOf(c) === 'adult')
      .map((c) => ({
        adultId: idOf(c),
        positionId: idAt(problem, c.place),
        ...(c.airbag === 'on' && { airbag: c.airbag }),
      })),
    levels: toldLevels(levels),
    facts,
    rows: rowsOf(arranged),
    // Whoever must be got past is installed last; loading turned round, restraints alone.
    installing: order.filter((c) => c.unitClass !== undefined).map(idOf),
    loading: order.map((c) => ({ riderId: idOf(c), past: wayIn(problem, at, c).past.map((p) => idAt(problem, p)) })),
    ...(best !== undefined && best !== arranged && { because: tellsApart(best.levels, levels) }),
  }
}

/** The fact that alone decides most of what is undecided, then the one that most of it asks for. */
function nextFact(undecided: readonly Arranged[]): Fact | undefined {
  const count = new Map<string, { readonly fact: Fact; settles: number; bearsOn: number }>()
  for (const { facts } of undecided)
    for (const fact of facts) {
      const known = count.get(fact.key) ?? { fact, settles: 0, bearsOn: 0 }
      known.settles += facts.length === 1 ? 1 : 0
      known.bearsOn += 1
      count.set(fact.key, known)
    }
  const [first] = [...count.values()].toSorted(
    (a, b) => b.settles - a.settles || b.bearsOn - a.bearsOn || (a.fact.key < b.fact.key ? -1 : 1),
  )
  return first?.fact
}

/**
 * Who sits where, in which car, with which restraint. A generator: it reports as
 * it goes, and ends with the best found so far where it is answered `stop`.
 * Nothing in it is random: the same question has the same answer.
 */
export function* arranging(request: ArrangeRequest): Generator<ArrangeProgress, ArrangeResult, Word> {
  const problems = compile(familyOf(request))
  const found: Arranged[] = []
  const cars: CarVerdict[] = []
  let nodes = 0
  let isWhole = true
  let bound: Levels | undefined
  for (const [i, problem] of problems.entries()) {
    const search = searchCar(problem, { alternatives: ALTERNATIVES })
    let word: Word = isWhole ? undefined : 'stop'
    for (;;) {
      const step = search.next(word)
      if (step.done === true) {
        const result = step.value
        nodes += result.nodes
        isWhole &&= result.isWhole
        if (result.bound && (bound === undefined || compareLevels(result.bound, bound) < 0)) bound = result.bound
        found.push(...result.best)
        const [best] = result.best
        cars.push({
          vehicleId: problem.vehicle.id,
          verdict: verdictOf(best, result.isWhole),
          ...(best && { levels: toldLevels(best.levels) }),
        })
        break
      }
      word = yield {
        vehicleId: problem.vehicle.id,
        share: (i + step.value.share) / problems.length,
        nodes: nodes + step.value.nodes,
        ...(step.value.best && { best: toldLevels(step.value.best.levels) }),
      }
    }
  }
  // Of equal ones in several cars the order of the cars decides: the sort keeps it.
  const best = found
    .toSorted((a, b) => (a.problem === b.problem ? compareArranged(a, b) : compareLevels(a.levels, b.levels)))
    .slice(0, ALTERNATIVES)
  const [first] = best
  const level = first && bound && !isWhole ? tellsApart(bound, first.levels) : undefined
  const verdict = verdictOf(first, isWhole)
  let reasons: Pick<ArrangeResult, 'without' | 'conflict' | 'change'> = {}
  let isCutShort = !isWhole
  if (verdict === 'does-not-fit') {
    const telling = whyNot(request, problems)
    for (;;) {
      const step = telling.next(isCutShort ? 'stop' : undefined)
      if (step.done === true) {
        reasons = step.value
        break
      }
      // Once stopped, whatever is still asked for is left out.
      if (!isCutShort)
        isCutShort = (yield { vehicleId: problems[problems.length - 1]?.vehicle.id ?? '', share: 1, nodes }) === 'stop'
    }
  }
  const undecided = found.filter((a) => a.facts.length > 0)
  return {
    verdict,
    proof: isWhole ? 'best' : 'best-so-far',
    ...(level &&
      first &&
      bound && { gap: { level, found: toldLevels(first.levels)[level], bound: toldLevels(bound)[level] } }),
    arrangements: best.map((a) => arrangementOf(a, first)),
    ties: first === undefined ? 0 : best.filter((a) => compareLevels(a.levels, first.levels) === 0).length,
    cars,
    ...(verdict === 'fits-if-measured' && { measureNext: nextFact(undecided) }),
    ...reasons,
    ...(isCutShort && { isCutShort: true as const }),
    nodes,
    caution: CAUTION,
  }
}

/** Where nothing fits: as many as do, what cannot stand together, and what would help. */
function* whyNot(
  request: ArrangeRequest,
  problems: readonly CarProblem[],
): Generator<undefined, Pick<ArrangeResult, 'without' | 'conflict' | 'change'>, Word> {
  const most = yield* mostThatFit(problems)
  const vehicleId = most?.arranged.problem.vehicle.id ?? problems[0]?.vehicle.id
  const facts = vehicleId === undefined ? undefined : yield* smallestConflict(request, vehicleId)
  const change = yield* bestChange(request)
  return {
    ...(most && { without: { arrangement: arrangementOf(most.arranged), childIds: most.childIds } }),
    ...(facts && vehicleId !== undefined && { conflict: { vehicleId, facts } }),
    ...(change && { change }),
  }
}

/** The whole answer at once. */
export function arrange(request: ArrangeRequest): ArrangeResult {
  const steps = arranging(request)
  for (;;) {
    const step = steps.next()
    if (step.done === true) return step.value
  }
}
