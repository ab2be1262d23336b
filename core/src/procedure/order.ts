interface Node {
  readonly id: string
  readonly needs: readonly string[]
}

/**
 * The nodes so that none stands before one that it needs, and otherwise as
 * listed. What waits in a circle (a slip of the catalogue, which its lint
 * names) keeps its listed order, so that nothing is lost.
 */
export function inOrder<N extends Node>(nodes: readonly N[]): readonly N[] {
  const left = [...nodes]
  const placed: N[] = []
  const done = new Set<string>()
  const present = new Set(nodes.map((n) => n.id))
  const isFree = (n: N): boolean => n.needs.every((id) => done.has(id) || !present.has(id) || id === n.id)
  while (left.length > 0) {
    const [node] = left.splice(Math.max(0, left.findIndex(isFree)), 1) as [N]
    placed.push(node)
    done.add(node.id)
  }
  return placed
}

/** That `id` comes after `needs`. */
export interface Edge {
  readonly id: string
  readonly needs: string
}

/**
 * Of edges in order of weight (the maker's before the usual ones) those that do
 * not contradict a weightier one: what would close a circle with them is left out.
 */
export function withoutCircles(edges: readonly Edge[]): readonly Edge[] {
  const needs = new Map<string, string[]>()
  const reaches = (from: string, to: string, seen = new Set<string>()): boolean =>
    from === to ||
    (!seen.has(from) && (seen.add(from), (needs.get(from) ?? []).some((next) => reaches(next, to, seen))))
  return edges.filter((edge) => {
    if (reaches(edge.needs, edge.id)) return false
    needs.set(edge.id, [...(needs.get(edge.id) ?? []), edge.needs])
    return true
  })
}
