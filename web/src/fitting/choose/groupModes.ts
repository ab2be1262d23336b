import type { ModeMatch } from '@nimble-anchor/core/match'

/** One mode of one model, with every unit on the shelf that could serve it, best first. */
export interface ModeGroup {
  readonly best: ModeMatch
  readonly units: readonly ModeMatch[]
}

/** Matches come best first, one per unit; the groups keep that order. */
export function groupModes(matches: readonly ModeMatch[]): readonly ModeGroup[] {
  const groups = new Map<string, ModeMatch[]>()
  for (const match of matches) {
    const key = `${match.model.id}/${match.mode.id}`
    const group = groups.get(key)
    if (group) group.push(match)
    else groups.set(key, [match])
  }
  return [...groups.values()].map((units) => ({ best: units[0] as ModeMatch, units }))
}
