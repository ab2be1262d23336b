import { adviseGuide, GUIDE_MAX_MM } from '../../fit/index.ts'
import { formatInterval, formatNumber, interval, within } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

/** Predicted on the bench; the guide is measured against the child at Child in, and that takes its place. */
export default defineRule({
  id: 'guide-set',
  title: 'Belt guide set for this shoulder',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'The guide of a booster stands 0 to 20 mm above the shoulder; an estimated shoulder never refuses a height.',
  limits: { 'above shoulder, to': { value: GUIDE_MAX_MM, unit: 'mm' } },
  applies: ({ mode, settings, shoulder, look }) =>
    mode.shape === 'booster-seat' &&
    mode.heldBy === 'vehicle-belt' &&
    mode.beltGuideMm !== undefined &&
    settings.strapHeightMm !== undefined &&
    shoulder !== undefined &&
    (look('guide-above-shoulder-mm').reading === undefined ||
      look('guide-above-shoulder-mm').staleBecause !== undefined),
  evaluate: ({ mode, settings, shoulder }) => {
    const set = settings.strapHeightMm?.value
    if (set === undefined || shoulder === undefined)
      throw new Error('guide-set applies where guide and shoulder are known')
    const { fromMm = -Infinity, toMm = Infinity } = mode.guideAboveShoulderMm ?? { fromMm: 0, toMm: GUIDE_MAX_MM }
    const above = interval(set - shoulder.mm.hi, set - shoulder.mm.lo)
    const said = within(above, Number.isFinite(fromMm) ? fromMm : undefined, Number.isFinite(toMm) ? toMm : undefined)
    const kind = said === 'fail' && shoulder.isEstimated ? 'undecided' : said
    const advice = adviseGuide(mode, shoulder.mm)
    return {
      kind,
      measured: above,
      limit: above.lo < fromMm || !Number.isFinite(toMm) ? fromMm : toMm,
      unit: 'mm',
      margin: Math.min(above.lo - fromMm, toMm - above.hi),
      missing: kind === 'undecided' ? ['check.guide-above-shoulder-mm'] : undefined,
      reason: () =>
        `Guide at ${formatNumber(set, 0)} mm, ${formatInterval(above, 'mm', 0)} above the shoulder${shoulder.isEstimated ? ' (estimated from the stature)' : ''}; ${mode.guideAboveShoulderMm === undefined ? `0 to ${GUIDE_MAX_MM}` : [mode.guideAboveShoulderMm.fromMm, mode.guideAboveShoulderMm.toMm].filter((x) => x !== undefined).join(' to ')} mm is asked for.`,
      remedy: () =>
        kind === 'undecided'
          ? 'Measure it on the child at Child in.'
          : advice.kind === 'none'
            ? 'The guide does not reach this shoulder: choose another booster.'
            : `Set the guide at ${formatNumber(advice.heightMm, 0)} mm.`,
    }
  },
})
