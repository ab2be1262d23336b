import { type Case } from '@nimble-anchor/core/casefile'
import { fittedSubject } from '@nimble-anchor/core/match'
import { recommendSettings, type Recommendation } from '@nimble-anchor/core/procedure'
import { type Settings } from '@nimble-anchor/core/readings'
import { type Assessment } from '@nimble-anchor/core/verdict'

const sameValue = (a: unknown, b: unknown): boolean =>
  Array.isArray(a) && Array.isArray(b) ? a.length === b.length && a.every((x) => b.includes(x)) : a === b

/** Whether what was worked out is what is set. */
export const isAsSet = (r: Recommendation, settings: Settings): boolean =>
  r.kind === 'set' && settings[r.setting] !== undefined && sameValue(settings[r.setting]?.value, r.value)

/** Whether the next thing to do is a setting that was worked out: then *Set all as worked out* is the loud button, and the bar above is quiet. */
export function isSettingNext(c: Case, { verdict, measureNext }: Assessment): boolean {
  const need = measureNext[0]?.need
  const subject = verdict === 'undecided' && need?.startsWith('setting.') ? fittedSubject(c) : undefined
  return (
    subject !== undefined &&
    recommendSettings(subject).some(
      (r) => r.kind === 'set' && need === `setting.${r.setting}` && !isAsSet(r, c.settings),
    )
  )
}
