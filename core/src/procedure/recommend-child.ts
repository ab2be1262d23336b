import {
  adviseGuide,
  adviseInserts,
  adviseStrapHeight,
  boundsText,
  exitOf,
  exitText,
  gaugeAboveExitMm,
  guideWindowMm,
  paddingNowMm,
  STRAP_RULE_TEXT,
  strapRuleOf,
  type NoStrap,
} from '../fit/index.ts'
import { exactly, formatInterval, plus } from '../quantities/index.ts'
import { isIntegral } from '../restraint/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import type { Recommendation } from './recommendation.ts'
import * as msg from './messages.en.ts'

/** What was not read of the manual is asked for; it is never "has none". */
export const NOT_READ = msg.theEntryOfThisRestraint

export function recommendInserts(s: FittedSubject): readonly Recommendation[] {
  if (s.mode.inserts === undefined && isIntegral(s.mode)) {
    return [{ setting: 'insertsIn', kind: 'ask', text: msg.lookUpTheInsertsAnd, because: NOT_READ }]
  }
  const advice = adviseInserts(s.mode, s)
  if (advice.length === 0) return []
  const words = { must: msg.inWord, 'must-not': msg.outWord, may: msg.asYouJudge, ask: msg.measureFirst } as const
  const text = advice
    .map((a) => `${a.insert.name} ${words[a.use]}`)
    .join(', ')
    .replace(/^./, (x) => x.toUpperCase())
  const because = msg.theMakersLimitsAgainstThis
  if (advice.some((a) => a.use === 'ask')) return [{ setting: 'insertsIn', kind: 'ask', text, because }]
  const earlier = s.practice.insertOut === 'earlier-for-comfort'
  const value = advice.filter((a) => a.use === 'must' || (a.use === 'may' && !earlier)).map((a) => a.insert.id)
  return [{ setting: 'insertsIn', kind: 'set', value, text, because }]
}

export function recommendStrap(s: FittedSubject): readonly Recommendation[] {
  if (s.mode.heldBy !== 'harness') return []
  const setting = 'strapHeightMm'
  if (s.mode.strap === undefined) {
    return [{ setting, kind: 'ask', text: msg.lookUpTheHeightsOf, because: NOT_READ }]
  }
  const adjuster = s.mode.strap.adjuster
  const rule = STRAP_RULE_TEXT[strapRuleOf(s.mode)]
  if (adjuster.kind === 'follows-head-support') return []
  if (s.shoulderMm === undefined) {
    return [{ setting, kind: 'ask', text: msg.measureTheSeatedShoulderHeight, because: msg.strapsGo(rule) }]
  }
  if (gaugeAboveExitMm(s.mode) === undefined) {
    const because = msg.theMakerReadsTheHeight
    return [{ setting, kind: 'ask', text: msg.lookUpHowFarThe, because }]
  }
  // Padding that is not recorded yet is counted as it is recommended: both are set together.
  const [inserts] = recommendInserts(s)
  const paddingMm = paddingNowMm(
    s.mode,
    s.settings.insertsIn?.value ?? (inserts?.kind === 'set' ? (inserts.value as string[]) : undefined),
  )
  if (paddingMm === undefined) {
    const because = msg.thePaddingUnderTheChild
    return [{ setting, kind: 'ask', text: msg.sayWhichInsertsAreIn, because }]
  }
  const raised = plus(s.shoulderMm, exactly(paddingMm))
  const because = msg.shoulderAtStrapsGo(formatInterval(raised, 'mm', 0), rule)
  const name = (mm: number): string => exitText(exitOf(s.mode, mm))
  const advice = adviseStrapHeight(s.mode, raised)
  switch (advice.kind) {
    case 'set':
      return [{ setting, kind: 'set', value: advice.heightMm, text: msg.strapsAt(name(advice.heightMm)), because }]
    case 'measure':
      return [
        {
          setting,
          kind: 'choose',
          values: advice.candidatesMm,
          text: msg.measureMoreClosely(advice.candidatesMm.map(name)).replace(/^./, (x) => x.toUpperCase()),
          because,
        },
      ]
    case 'none':
      return [
        {
          setting,
          kind: 'none',
          text: NO_SLOT[advice.because],
          because,
        },
      ]
    case 'stop-at-shoulders':
      return []
  }
}

const NO_SLOT: Record<NoStrap, string> = {
  'too-small': msg.tooSmallNoSlotIs,
  outgrown: msg.outgrownNoSlotIsHigh,
  between: msg.betweenTwoSlotsNeitherIs,
}

export function recommendGuide(s: FittedSubject): readonly Recommendation[] {
  if (s.mode.shape !== 'booster-seat' || s.mode.heldBy !== 'vehicle-belt' || s.mode.beltGuideMm === undefined) return []
  const setting = 'strapHeightMm'
  const window = boundsText(guideWindowMm(s.mode))
  if (s.shoulder === undefined) {
    const because = msg.theBeltGuideStandsAbove(window)
    return [{ setting, kind: 'ask', text: msg.measureTheSeatedShoulderHeight, because }]
  }
  const { mm, isEstimated } = s.shoulder
  const because = msg.shoulderAtTheGuideStands(
    formatInterval(mm, 'mm', 0),
    isEstimated ? msg.estimatedFromTheStature : '',
    window,
  )
  const advice = adviseGuide(s.mode, mm)
  switch (advice.kind) {
    case 'set':
      return [{ setting, kind: 'set', value: advice.heightMm, text: msg.beltGuideAtMm(advice.heightMm), because }]
    case 'measure': {
      const text = msg.beltGuideNearMmMeasure(advice.heightMm)
      return [{ setting, kind: 'choose', values: [advice.heightMm], text, because }]
    }
    case 'none': {
      const text = advice.because === 'too-small' ? msg.tooSmallTheGuideDoes : msg.outgrownTheGuideIsToo
      return [{ setting, kind: isEstimated ? 'ask' : 'none', text, because }]
    }
  }
}
