import { type ModelId } from '../ground/index.ts'
import { WIDTH_POINTS } from '../restraint/index.ts'
import { isShared, type Fact } from './facts.ts'
import { FACT } from './levels.ts'
import type { Body, Candidate } from './problem.ts'

/**
 * Ways that need not be searched, because others at the same places are as good
 * in everything: cost no more, stand out nowhere further, take nothing more from
 * anybody. So many of them that some are left whatever the others take.
 */

const PASSABLE_RANK = { no: 0, look: 1, yes: 2 } as const

/** Whether a body stands out nowhere further than another, and leaves nothing more open. */
function isSlimmer(a: Body, b: Body, isOneOfAKind: boolean): boolean {
  if (a === b) return true
  if (a.playMm < b.playMm || (a.needsHand && !b.needsHand)) return false
  for (const point of WIDTH_POINTS) {
    const x = a.profile[point]
    const y = b.profile[point]
    if (x === 'none') continue
    if (y === 'none' || x.left.hi > y.left.hi || x.right.hi > y.right.hi) return false
    if (x.isStated && !(y.isStated && x.left.lo <= y.left.lo && x.right.lo <= y.right.lo)) return false
  }
  // Facts of the only unit of its model are asked for by nobody else: then their number is what they cost.
  if (isOneOfAKind && a.openFacts.length <= b.openFacts.length) return true
  return a.openFacts.every((f) => b.openFacts.some((g) => g.key === f.key))
}

/** Stands for a width that nothing bounds, mm: wider than any car. */
const UNBOUNDED_MM = 1e6

/** How much room a body may take in all, as a number to sort by. */
const breadthOf = ({ profile }: Body): number =>
  WIDTH_POINTS.reduce((sum, point) => {
    const at = profile[point]
    return at === 'none' ? sum : sum + Math.min(at.left.hi, UNBOUNDED_MM) + Math.min(at.right.hi, UNBOUNDED_MM)
  }, 0)

const isSameTravel = (a: Candidate, b: Candidate): boolean =>
  a.travel.length === 0 || JSON.stringify(a.travel) === JSON.stringify(b.travel)

/** Facts of `a` that `b` does not ask for. */
const factsBeyond = (a: Candidate, b: Candidate): readonly Fact[] =>
  a.facts.filter((f) => !b.facts.some((g) => g.key === f.key))

/**
 * What `b` asks for beyond `a`, and nobody beside it can have asked for: its own
 * facts, and of the only unit of a model those of the model, unless its row
 * may ask for them too.
 */
const certainlyBeyond = (b: Candidate, a: Candidate, isOneOfAKind: boolean): number =>
  factsBeyond(b, a).filter(
    (f) =>
      !isShared(f) ||
      (isOneOfAKind && f.modelId === b.model?.id && !b.body.openFacts.some((open) => open.key === f.key)),
  ).length

/**
 * Whether `a` does whatever `b` does in any arrangement, and costs no more whoever
 * else rides; units apart. `isOneOfAKind`: no other unit of the model of `b` is there.
 */
function isAsGood(a: Candidate, b: Candidate, isOneOfAKind: boolean): boolean {
  const most = a.before + factsBeyond(a, b).length * FACT
  const least = b.before + certainlyBeyond(b, a, isOneOfAKind) * FACT
  if (most > least || (most === least && a.after > b.after)) return false
  return (
    (!a.usesBars || b.usesBars) &&
    (!a.usesTether || b.usesTether) &&
    (!a.usesBelt || b.usesBelt) &&
    (!a.usesRails || b.usesRails) &&
    (a.airbag === b.airbag || a.airbag === 'either') &&
    PASSABLE_RANK[a.passable] >= PASSABLE_RANK[b.passable] &&
    (a.isAdultPassable || !b.isAdultPassable) &&
    a.onFrontSeat === b.onFrontSeat &&
    // A restraint on a place covers its neighbour’s buckle; nothing on it does not.
    (a.unitClass === undefined) === (b.unitClass === undefined) &&
    isSlimmer(a.body, b.body, isOneOfAKind) &&
    isSameTravel(a, b)
  )
}

/**
 * One rider's ways without those that need not be searched: where one with the
 * very same units is as good, or where those of so many other models are that
 * the `takers` of units cannot take them all, with `alternatives` of them to spare.
 */
export function withoutDominated(
  list: readonly Candidate[],
  takers: number,
  alternatives: number,
  unitsOf: (modelId: ModelId) => number,
): readonly Candidate[] {
  const byPlaces = new Map<number, Candidate[]>()
  for (const c of list) {
    const same = byPlaces.get(c.mask)
    if (same) same.push(c)
    else byPlaces.set(c.mask, [c])
  }
  const enough = takers - 1 + alternatives
  const breadthMm = new Map(list.map(({ body }) => [body, breadthOf(body)]))
  const kept: Candidate[] = []
  for (const group of byPlaces.values()) {
    const inTurn = group.toSorted(
      (a, b) =>
        a.before - b.before ||
        a.ownFacts - b.ownFacts ||
        a.after - b.after ||
        // Of equal cost the slimmest first: it then stands for the others.
        (breadthMm.get(a.body) as number) - (breadthMm.get(b.body) as number) ||
        a.index - b.index,
    )
    const standing: Candidate[] = []
    for (const c of inTurn) {
      const models = new Set<string>()
      const isOneOfAKind = c.model !== undefined && unitsOf(c.model.id) === 1
      const isCovered = standing.some((d) => {
        const isSameUnits = d.unitClass === c.unitClass && d.baseClass === c.baseClass
        if (!isSameUnits && d.baseClass !== undefined) return false
        if (!isAsGood(d, c, isOneOfAKind)) return false
        if (isSameUnits) return true
        if (d.model !== undefined && d.model !== c.model) models.add(d.model.id)
        return models.size >= enough
      })
      if (!isCovered) standing.push(c)
    }
    kept.push(...standing)
  }
  return kept.sort((a, b) => a.index - b.index)
}
