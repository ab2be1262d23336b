import {
  insertThicknessMm,
  insertThicknessRangeMm,
  shoulderRangeMm,
  STRAP_RULE_TEXT,
  strapRuleOf,
} from '../../fit/index.ts'
import { compare, every, exactly, formatInterval, formatNumber, plus } from '../../quantities/index.ts'
import { defineRule, rangeBounds, type FittedSubject, type ModeSubject } from '../rule.ts'

/** Padding the child may have lifts it towards the lowest setting; padding it must have lifts it towards the highest. */
function rangeFor(s: ModeSubject) {
  const { from, to } = shoulderRangeMm(s.mode)
  // In a fitting whose inserts are recorded, what is in is what lifts the child.
  const set = 'settings' in s ? (s as FittedSubject).settings.insertsIn?.value : undefined
  const known = set === undefined ? undefined : exactly(insertThicknessMm(s.mode, set))
  const { least, most } = known ? { least: known, most: known } : insertThicknessRangeMm(s.mode, s)
  return { from, to, least, most }
}

export default defineRule({
  id: 'shoulder-range',
  title: 'A strap setting for this shoulder',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'Rearward the lowest strap exit must be at or below the shoulder, forward the highest at or above it, unless the mode’s own rule says otherwise; an unmeasured shoulder is estimated from the stature.',
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
        reason: () => 'At which heights the straps leave the shell has not been read.',
        remedy: () => 'Read or measure the strap heights, and enter them with the mode.',
      }
    }
    const need = 'child.seatedShoulderHeightMm' as const
    const wanted = () =>
      `straps go ${STRAP_RULE_TEXT[strapRuleOf(mode)]}, which serves shoulders ${from === undefined ? '' : `from ${formatNumber(from, 0)} mm`}${from !== undefined && to !== undefined ? ' ' : ''}${to === undefined ? '' : `up to ${formatNumber(to, 0)} mm`}`
    if (shoulder === undefined) {
      return {
        kind: 'undecided',
        missing: [need],
        reason: () => `Neither the seated shoulder height nor the stature is known; ${wanted()}.`,
        remedy: () => 'Measure the seated shoulder height, or the stature to estimate it from.',
      }
    }
    const above = from === undefined ? 'pass' : compare(plus(shoulder.mm, most), 'at-least', from)
    const below = to === undefined ? 'pass' : compare(plus(shoulder.mm, least), 'at-most', to)
    const said = every([above, below])
    // The estimate leaves one child in ten outside it: it may not refuse.
    const kind = said === 'fail' && shoulder.isEstimated ? 'undecided' : said
    const isSmall = above !== 'pass'
    const raised = plus(shoulder.mm, isSmall ? most : least)
    const limit = isSmall || to === undefined ? from : to
    const shown = () =>
      `${formatInterval(raised, 'mm', 0)}${shoulder.isEstimated ? ', estimated from the stature' : ''}`
    const rooms = [
      ...(from === undefined ? [] : [plus(shoulder.mm, most).lo - from]),
      ...(to === undefined ? [] : [to - plus(shoulder.mm, least).hi]),
    ]
    return {
      kind,
      measured: raised,
      limit,
      unit: 'mm',
      margin: rooms.length > 0 ? Math.min(...rooms) : undefined,
      missing: kind === 'undecided' ? [need] : undefined,
      reason: () =>
        kind === 'pass'
          ? `Shoulder at ${shown()}; ${wanted()}.`
          : kind === 'fail'
            ? `Shoulder at ${shown()}: ${isSmall ? 'even the lowest setting is too high' : 'even the highest setting is too low'}; ${wanted()}.`
            : `Shoulder at ${shown()}: it may be outside what the straps serve; ${wanted()}.`,
      remedy: () =>
        kind === 'undecided'
          ? shoulder.isEstimated
            ? 'Sit the child against a wall and measure the seated shoulder height.'
            : 'Measure the seated shoulder height more closely.'
          : isSmall
            ? 'Too small for this mode: choose another.'
            : 'Outgrown by shoulder height: choose another mode.',
    }
  },
})
