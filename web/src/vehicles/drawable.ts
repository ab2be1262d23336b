import type { SeatingPosition } from '@nimble-anchor/core/vehicle'

/**
 * The places of a draft without the parts that are not valid yet: a belt whose
 * kind is still to be chosen is not drawn as one belt or another.
 * Keys of `faults` are paths in the form: "positions.0.floor.kind".
 */
export function drawable(
  positions: readonly SeatingPosition[],
  faults: ReadonlyMap<string, string>,
): readonly SeatingPosition[] {
  const spoiled = [...faults.keys()].map((path) => path.split('.'))
  return positions.map((position, i) => {
    const parts = spoiled.filter(([list, at, part]) => list === 'positions' && at === `${i}` && part !== undefined)
    if (parts.length === 0) return position
    return { ...position, ...Object.fromEntries(parts.map(([, , part]) => [part, undefined])) }
  })
}
