import { Sequence } from '../ground/index.ts'
import { applyPuts, highestSequence, type Case, type Put } from '../casefile/index.ts'
import { checkOf, type CheckId } from '../checks/index.ts'
import { fittedSubject, staleIn } from '../match/index.ts'
import { checksAsked, recommendSettings } from '../procedure/index.ts'
import { stepPairs } from '../restraint/index.ts'
import { assess, STAGES, type Stage } from '../verdict/index.ts'
import { goodReading } from './good-reading.ts'

/** One entry of a rehearsed fitting, and how long the fitter took over it. */
export interface Move {
  readonly puts: readonly Put[]
  readonly seconds: number
}

/** A fitting gone through move by move, as somebody would enter it; nothing of it is stored here. */
export class Rehearsal {
  readonly moves: Move[] = []
  private current: Case
  /** @param start a case in which nobody has entered anything since it was made */
  constructor(start: Case) {
    this.current = start
  }

  get case(): Case {
    return this.current
  }

  /** Enters puts as one entry; `false`, and nothing entered, where the case file refuses them. */
  enter(puts: readonly Put[], seconds: number): boolean {
    const applied = applyPuts(this.current, puts, Sequence(highestSequence(this.current) + 1))
    if (!applied.ok) return false
    this.current = applied.value.case
    this.moves.push({ puts, seconds })
    return true
  }
}

/** Puts that set what is worked out and not set yet; of several values offered, the first. */
export function puttingSettings(c: Case): readonly Put[] {
  const subject = fittedSubject(c)
  if (!subject) return []
  return recommendSettings(subject).flatMap((r): Put[] => {
    if (r.kind !== 'set' && r.kind !== 'choose') return []
    const value: unknown = r.kind === 'set' ? r.value : r.values[0]
    const same = JSON.stringify(c.settings[r.setting]?.value) === JSON.stringify(value)
    return same ? [] : [{ path: ['settings', r.setting], value: { value } }]
  })
}

const NOTHING: ReadonlySet<string> = new Set()

/** Puts of one good reading for each check of a stage that is asked and has none, or none that still holds; in the order of the hands. `again`: needs that are asked for though they were read. */
export function puttingGoodReadings(c: Case, stage: Stage, again: ReadonlySet<string> = NOTHING): readonly Put[] {
  const subject = fittedSubject(c)
  if (!subject) return []
  const stale = staleIn(c)
  const isOpen = (id: CheckId): boolean => c.readings[id] === undefined || stale.has(id) || again.has(`check.${id}`)
  return [...checksAsked(subject)]
    .filter((id) => checkOf(id).stage === stage && isOpen(id) && !isWorkedOut(id))
    .map((id) => {
      const { at: _at, ...reading } = goodReading(id, Sequence(0), subject)
      return { path: ['readings', id], value: reading }
    })
}

/** The shell's angle follows from the settings: it is measured only by whoever doubts the calculation. */
const isWorkedOut = (id: CheckId): boolean => id === 'shell-angle-deg'

/** Puts of the second halves of the maker's pairs of steps, of which only the fitter can say that they are done. */
function puttingPairs(c: Case): readonly Put[] {
  const steps = fittedSubject(c)?.route.steps ?? []
  return stepPairs(steps)
    .filter(({ second }) => c.stepsDone?.[second.id] === undefined)
    .map(({ second }) => ({ path: ['stepsDone', second.id], value: {} }))
}

/** What is found good may call up more: an advised tether that is hooked is checked like a required one. */
const MOST_ROUNDS = 3

/** How long a fitter takes over an entry of a stage, in seconds, from how many answers it holds. */
export type Pace = (stage: Stage, answers: number) => number

/** Sets all that is worked out; what is set may call for more. `false` where a setting is refused. */
export function setUp(rehearsal: Rehearsal, seconds: Pace): boolean {
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const settings = puttingSettings(rehearsal.case)
    if (settings.length === 0) break
    if (!rehearsal.enter(settings, seconds('set-up', settings.length))) return false
  }
  return true
}

/**
 * From a chosen place to the end, with everything set as worked out and found good.
 * @returns whether it ends ready to travel
 */
export function goThrough(rehearsal: Rehearsal, seconds: Pace): boolean {
  if (!setUp(rehearsal, seconds)) return false
  for (let round = 0; round < MOST_ROUNDS; round += 1)
    for (const stage of STAGES) {
      const puts = puttingGoodReadings(rehearsal.case, stage)
      if (puts.length > 0 && !rehearsal.enter(puts, seconds(stage, puts.length))) return false
    }
  const pairs = puttingPairs(rehearsal.case)
  if (pairs.length > 0 && !rehearsal.enter(pairs, seconds('attach', pairs.length))) return false
  const { verdict, findings } = assess(rehearsal.case)
  if (verdict === 'ready') return true
  // A look may be good and have to be made again: what was set after it is no change that outdates it.
  const again = new Set<string>(findings.flatMap((f) => (f.kind === 'undecided' ? (f.missing ?? []) : [])))
  for (const stage of STAGES) {
    const puts = puttingGoodReadings(rehearsal.case, stage, again)
    if (puts.length > 0 && !rehearsal.enter(puts, seconds(stage, puts.length))) return false
  }
  return assess(rehearsal.case).verdict === 'ready'
}
