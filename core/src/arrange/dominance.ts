import { WIDTH_POINTS } from '../restraint/index.ts'
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

const isSameTravel = (a: Candidate, b: Candidate): boolean =>
  a.travel.length === 0 || JSON.stringify(a.travel) === JSON.stringify(b.travel)

/**
 * Whether `a` does whatever `b` does in any arrangement, and costs no more whoever
 * else rides; units apart. `isOneOfAKind`: no other unit of the model of `b` is there.
 */
function isAsGood(a: Candidate, b: Candidate, isOneOfAKind: boolean): boolean {
  const most = a.before + a.facts.length * FACT
  const least = b.before + b.ownFacts * FACT
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
 * the other riders cannot take them all, with `alternatives` of them to spare.
 */
export function withoutDominated(
  list: readonly Candidate[],
  riders: number,
  alternatives: number,
  unitsOf: (modelId: string) => number,
): readonly Candidate[] {
  const byPlaces = new Map<number, Candidate[]>()
  for (const c of list) {
    const same = byPlaces.get(c.mask)
    if (same) same.push(c)
    else byPlaces.set(c.mask, [c])
  }
  const enough = riders - 1 + alternatives
  const kept: Candidate[] = []
  for (const group of byPlaces.values()) {
    const inTurn = group.toSorted(
      (a, b) => a.before - b.before || a.ownFacts - b.ownFacts || a.after - b.after || a.index - b.index,
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
