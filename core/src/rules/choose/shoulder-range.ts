import {
  adviseInserts,
  insertThicknessMm,
  insertThicknessRangeMm,
  shoulderRangeMm,
  strapRuleOf,
} from '../../fit/index.ts'
import { compare, every, exactly, middle, plus, type Interval } from '../../quantities/index.ts'
import { insertNeeds } from '../insert-needs.ts'
import { defineRule, rangeBounds, type ModeSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './shoulder-range.en.ts'

const say = sayer<typeof en>()

/** Padding the child may have lifts it towards the lowest setting; padding it must have lifts it towards the highest. */
function rangeFor(s: ModeSubject) {
  const { from, to } = shoulderRangeMm(s.mode)
  // In a fitting whose inserts are recorded, what is in is what lifts the child.
  const set = s.settings?.insertsIn?.value
  const known = set === undefined ? undefined : exactly(insertThicknessMm(s.mode, set))
  const { least, most } = known ? { least: known, most: known } : insertThicknessRangeMm(s.mode, s)
  return { from, to, least, most }
}

export default defineRule({
  id: 'shoulder-range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: ({ mode }) => mode.heldBy === 'harness',
  bounds: (s) => {
    const { from, to, least, most } = rangeFor(s)
    return rangeBounds(
      'shoulderMm',
      from === undefined ? undefined : from - most.lo,
      to === undefined ? undefined : to - least.lo,
    )
  },
  evaluate: (s) => {
    const { from, to, least, most } = rangeFor(s)
    const { mode, shoulder } = s
    if (mode.strap === undefined) {
      return {
        kind: 'undecided',
        missing: ['mode.strap'],
        says: say('unknown-strap'),
      }
    }
    const need = 'child.seatedShoulderHeightMm' as const
    if (shoulder === undefined) {
      return {
        kind: 'undecided',
        missing: [need],
        says: say('unknown', { strapRule: strapRuleOf(mode), from, to }),
      }
    }
    const aboveAt = (mm: Interval) => (from === undefined ? 'pass' : compare(plus(mm, most), 'at-least', from))
    const belowAt = (mm: Interval) => (to === undefined ? 'pass' : compare(plus(mm, least), 'at-most', to))
    const above = aboveAt(shoulder.mm)
    const said = every([above, belowAt(shoulder.mm)])
    // Where even an exact shoulder would not tell, the doubt is which padding lies under the child.
    const exact = exactly(middle(shoulder.mm))
    const isDoubtOfPadding = !shoulder.isEstimated && every([aboveAt(exact), belowAt(exact)]) === 'undecided'
    const padding = isDoubtOfPadding ? insertNeeds(adviseInserts(mode, s).filter((a) => a.use === 'ask')) : []
    // The estimate leaves one child in ten outside it: it may not refuse.
    const kind = said === 'fail' && shoulder.isEstimated ? 'undecided' : said
    const isSmall = above !== 'pass'
    // All the padding that may be there lifts a small shoulder to the lowest exit; the least of it lets a tall one stay.
    const roomBelow = from === undefined ? Infinity : plus(shoulder.mm, most).lo - from
    const roomAbove = to === undefined ? Infinity : to - plus(shoulder.mm, least).hi
    const isLower = isSmall || roomBelow < roomAbove
    const raised = plus(shoulder.mm, isLower ? most : least)
    const room = isLower ? roomBelow : roomAbove
    return outcomeOf(kind, padding.length > 0 ? padding : [need], {
      measured: raised,
      limit: isLower ? from : to,
      unit: 'mm',
      margin: Number.isFinite(room) ? room : undefined,
      says: say('judged', {
        kind,
        raised,
        isEstimated: shoulder.isEstimated,
        strapRule: strapRuleOf(mode),
        from,
        to,
        isSmall,
        ...(padding.length > 0 && { isByPadding: true }),
      }),
    })
  },
})
