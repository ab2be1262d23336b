import { type VehicleId } from '../ground/index.ts'
import { CAUTION } from '../verdict/index.ts'
import { compile } from './compile.ts'
import { smallestConflict, type ConflictFact } from './conflict.ts'
import type { Fact } from './facts.ts'
import { familyOf } from './family.ts'
import { compareLevels, tellsApart, toldLevels, type Level, type Levels, type ToldLevels } from './levels.ts'
import { bestChange, type SingleChange } from './one-change.ts'
import type { CarProblem } from './problem.ts'
import type { ArrangeRequest } from './request.ts'
import { compareArranged, type Arranged } from './kept.ts'
import { searchCar, type Word } from './search.ts'
import { arrangementOf, type Arrangement } from './told.ts'
import { mostThatFit } from './without-some.ts'

/** `not-known`: stopped before any was found, and before it was sure that there is none. */
export type ArrangeVerdict = 'fits' | 'fits-if-measured' | 'does-not-fit' | 'not-known'

export interface CarVerdict {
  readonly vehicleId: VehicleId
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
  readonly conflict?: { readonly vehicleId: VehicleId; readonly facts: readonly ConflictFact[] } | undefined
  /** Where not all of them fit: the single change that helps most. */
  readonly change?: SingleChange | undefined
  /** It was stopped, or ran out of time, before all of this was worked out. */
  readonly isCutShort?: true | undefined
  readonly nodes: number
  readonly caution: string
}

export interface ArrangeProgress {
  readonly vehicleId: VehicleId | undefined
  /** Share of the cars searched, with the share of the one being searched. */
  readonly share: number
  readonly nodes: number
  readonly best?: ToldLevels | undefined
}

const ALTERNATIVES = 5

const verdictOf = (best: Arranged | undefined, isWhole: boolean): ArrangeVerdict =>
  best === undefined ? (isWhole ? 'does-not-fit' : 'not-known') : best.facts.length === 0 ? 'fits' : 'fits-if-measured'

/**
 * The fact after which, over both of its ends, most of what is undecided is
 * decided: found bad it refutes every arrangement that asks for it, found good it
 * settles those that ask for nothing else. Where two decide as many, the one that
 * settles more.
 */
export function nextFact(undecided: readonly Pick<Arranged, 'facts'>[]): Fact | undefined {
  const count = new Map<string, { readonly fact: Fact; settles: number; bearsOn: number }>()
  for (const { facts } of undecided)
    for (const fact of facts) {
      const known = count.get(fact.key) ?? { fact, settles: 0, bearsOn: 0 }
      known.settles += facts.length === 1 ? 1 : 0
      known.bearsOn += 1
      count.set(fact.key, known)
    }
  const [first] = [...count.values()].toSorted(
    (a, b) =>
      b.settles + b.bearsOn - (a.settles + a.bearsOn) || b.settles - a.settles || (a.fact.key < b.fact.key ? -1 : 1),
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
      if (!isCutShort) isCutShort = (yield { vehicleId: problems.at(-1)?.vehicle.id, share: 1, nodes }) === 'stop'
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
