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

/** What was not read of the manual is asked for; it is never "has none". */
export const NOT_READ = 'the entry of this restraint does not say'

export function recommendInserts(s: FittedSubject): readonly Recommendation[] {
  if (s.mode.inserts === undefined && isIntegral(s.mode)) {
    return [{ setting: 'insertsIn', kind: 'ask', text: 'Look up the inserts, and until when', because: NOT_READ }]
  }
  const advice = adviseInserts(s.mode, s)
  if (advice.length === 0) return []
  const words = { must: 'in', 'must-not': 'out', may: 'as you judge', ask: 'measure first' } as const
  const text = advice
    .map((a) => `${a.insert.name} ${words[a.use]}`)
    .join(', ')
    .replace(/^./, (x) => x.toUpperCase())
  const because = 'the maker’s limits against this child'
  if (advice.some((a) => a.use === 'ask')) return [{ setting: 'insertsIn', kind: 'ask', text, because }]
  const earlier = s.practice.insertOut === 'earlier-for-comfort'
  const value = advice.filter((a) => a.use === 'must' || (a.use === 'may' && !earlier)).map((a) => a.insert.id)
  return [{ setting: 'insertsIn', kind: 'set', value, text, because }]
}

export function recommendStrap(s: FittedSubject): readonly Recommendation[] {
  if (s.mode.heldBy !== 'harness') return []
  const setting = 'strapHeightMm'
  if (s.mode.strap === undefined) {
    return [{ setting, kind: 'ask', text: 'Look up the heights of the straps', because: NOT_READ }]
  }
  const adjuster = s.mode.strap.adjuster
  const rule = STRAP_RULE_TEXT[strapRuleOf(s.mode)]
  if (adjuster.kind === 'follows-head-support') return []
  if (s.shoulderMm === undefined) {
    return [{ setting, kind: 'ask', text: 'Measure the seated shoulder height first', because: `straps go ${rule}` }]
  }
  if (gaugeAboveExitMm(s.mode) === undefined) {
    const because = 'the maker reads the height there'
    return [{ setting, kind: 'ask', text: 'Look up how far the head support’s edge stands above the straps', because }]
  }
  // Padding that is not recorded yet is counted as it is recommended: both are set together.
  const [inserts] = recommendInserts(s)
  const paddingMm = paddingNowMm(
    s.mode,
    s.settings.insertsIn?.value ?? (inserts?.kind === 'set' ? (inserts.value as string[]) : undefined),
  )
  if (paddingMm === undefined) {
    const because = 'the padding under the child raises its shoulder'
    return [{ setting, kind: 'ask', text: 'Say which inserts are in first', because }]
  }
  const raised = plus(s.shoulderMm, exactly(paddingMm))
  const because = `shoulder at ${formatInterval(raised, 'mm', 0)}; straps go ${rule}`
  const name = (mm: number): string => exitText(exitOf(s.mode, mm))
  const advice = adviseStrapHeight(s.mode, raised)
  switch (advice.kind) {
    case 'set':
      return [{ setting, kind: 'set', value: advice.heightMm, text: `Straps at ${name(advice.heightMm)}`, because }]
    case 'measure':
      return [
        {
          setting,
          kind: 'choose',
          values: advice.candidatesMm,
          text: `${advice.candidatesMm.map(name).join(' or ')}: measure the shoulder more closely`.replace(/^./, (x) =>
            x.toUpperCase(),
          ),
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
  'too-small': 'Too small: no slot is low enough',
  outgrown: 'Outgrown: no slot is high enough',
  between: 'Between two slots: neither is near enough',
}

export function recommendGuide(s: FittedSubject): readonly Recommendation[] {
  if (s.mode.shape !== 'booster-seat' || s.mode.heldBy !== 'vehicle-belt' || s.mode.beltGuideMm === undefined) return []
  const setting = 'strapHeightMm'
  const window = boundsText(guideWindowMm(s.mode))
  if (s.shoulder === undefined) {
    const because = `the belt guide stands ${window} above the shoulder`
    return [{ setting, kind: 'ask', text: 'Measure the seated shoulder height first', because }]
  }
  const { mm, isEstimated } = s.shoulder
  const because = `shoulder at ${formatInterval(mm, 'mm', 0)}${isEstimated ? ', estimated from the stature' : ''}; the guide stands ${window} above it`
  const advice = adviseGuide(s.mode, mm)
  switch (advice.kind) {
    case 'set':
      return [{ setting, kind: 'set', value: advice.heightMm, text: `Belt guide at ${advice.heightMm} mm`, because }]
    case 'measure': {
      const text = `Belt guide near ${advice.heightMm} mm: measure the shoulder, or adjust it to the child`
      return [{ setting, kind: 'choose', values: [advice.heightMm], text, because }]
    }
    case 'none': {
      const text =
        advice.because === 'too-small'
          ? 'Too small: the guide does not come low enough'
          : 'Outgrown: the guide is too low'
      return [{ setting, kind: isEstimated ? 'ask' : 'none', text, because }]
    }
  }
}
