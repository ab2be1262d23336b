import { adviseGuide, GUIDE_MAX_MM, guideWindowMm } from '../../fit/index.ts'
import { interval, nearestEnd, within } from '../../quantities/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './guide-set.en.ts'

const say = sayer<typeof en>()

/** Predicted on the bench; the guide is measured against the child at Child in, and that takes its place. */
export default defineRule({
  id: 'guide-set',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
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
    const { fromMm: from, toMm: to } = guideWindowMm(mode)
    const above = interval(set - shoulder.mm.hi, set - shoulder.mm.lo)
    const said = within(above, from, to)
    const kind = said === 'fail' && shoulder.isEstimated ? 'undecided' : said
    const advice = adviseGuide(mode, shoulder.mm)
    return outcomeOf(kind, ['check.guide-above-shoulder-mm'], {
      // Where the maker is silent the usual window is practice.
      source: mode.guideAboveShoulderMm === undefined ? 'practice' : 'maker',
      measured: above,
      ...nearestEnd(above, from, to),
      unit: 'mm',
      says: say('judged', {
        set,
        above,
        isEstimated: shoulder.isEstimated,
        // The maker's own ends where there are any, both where it is ours.
        asked: guideWindowMm(mode),
        kind,
        reachesMm: advice.kind === 'set' ? advice.heightMm : undefined,
        isOutOfReach: advice.kind === 'none',
      }),
    })
  },
})
