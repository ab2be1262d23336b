import { Sequence } from '@nimble-anchor/core/ground'
import { applyPuts, withChanges, type Case } from '@nimble-anchor/core/casefile'
import { type FittingView, type Stored } from '@nimble-anchor/core/formats'
import { isSameContent } from './sameContent.ts'
import type { Waiting } from './waiting.ts'

/** What came of an entry on one state of a case. */
type Outcome = ReturnType<typeof applyPuts>

const outcomes = new WeakMap<Case, Map<string, Outcome>>()

/**
 * An entry on a case, as the `sequence`-th of its fitting: judged when it is
 * first asked for, and never again on this state, however often the queue is
 * shown, kept, sent and acknowledged. The same case comes back, not an equal one,
 * so that what was worked out about it holds too.
 */
export function outcomeOf(onto: Case, { id, puts }: Pick<Waiting, 'id' | 'puts'>, sequence: number): Outcome {
  const known = outcomes.get(onto) ?? new Map<string, Outcome>()
  outcomes.set(onto, known)
  const key = `${id} ${sequence}`
  const outcome = known.get(key) ?? applyPuts(onto, puts, Sequence(sequence))
  known.set(key, outcome)
  return outcome
}

/** What is shown: the fitting with what waits for it; an entry that no longer applies is left to the server to refuse. */
export function applied(view: FittingView, queue: readonly Waiting[]): Case {
  return queue.reduce((c, entry, i) => {
    const outcome = entry.refused === undefined ? outcomeOf(c, entry, view.sequence + 1 + i) : undefined
    return outcome?.ok ? outcome.value.case : c
  }, view.case)
}

/**
 * A fitting after the short answer to an entry. Where the server stored what was
 * worked out here, it is the very case that is shown already.
 *
 * @returns `undefined` where something lies between that the answer does not tell: fetch the whole
 */
export function advanced(view: FittingView, stored: Stored): FittingView | undefined {
  let [current, sequence] = [view.case, view.sequence]
  for (const entry of stored.entries.filter((e) => e.sequence > view.sequence)) {
    if (entry.sequence !== sequence + 1) return undefined
    sequence = entry.sequence
    const mine = entry.id === null ? undefined : outcomes.get(current)?.get(`${entry.id} ${sequence}`)
    const isAsShown = mine?.ok === true && isSameContent(mine.value.changed, entry.changes)
    current = isAsShown ? mine.value.case : withChanges(current, entry.changes)
  }
  const { status, updatedAt } = stored
  if (sequence === stored.sequence) return { ...view, status, updatedAt, sequence, case: current }
  // An answer that took its time: what it tells is known already.
  return sequence > stored.sequence ? view : undefined
}
