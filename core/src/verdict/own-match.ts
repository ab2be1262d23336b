import { chosenIn, type Case } from '../casefile/index.ts'
import { matchAll, type ModeMatch } from '../match/index.ts'

/** All that a match looks at: most entries of a fitting are readings and settings, and leave it the very same. */
const matchedBy = (c: Case): readonly unknown[] => [c.today, c.child, c.practice, c.localRule, c.journeyMinutes, c.ride, c.units, c.choice] // prettier-ignore
const matched = new WeakMap<Case['restraints'], { readonly by: readonly unknown[]; readonly own: ModeMatch | undefined }>() // prettier-ignore

/** The mode chosen among the restraints of the case: the others count as alternatives, whether the child could stay rearward, say. */
export function ownMatch(c: Case): ModeMatch | undefined {
  const by = matchedBy(c)
  const known = matched.get(c.restraints)
  if (known?.by.every((x, i) => Object.is(x, by[i])) === true) return known.own
  const { model, unit, mode } = chosenIn(c)
  const stock = c.restraints.map((m) => ({
    model: m,
    unit: m.id === model?.id ? unit : c.units?.find((u) => u.modelId === m.id),
  }))
  const own = matchAll(c, stock).find((m) => m.model.id === model?.id && m.mode.id === mode?.id)
  matched.set(c.restraints, { by, own })
  return own
}
