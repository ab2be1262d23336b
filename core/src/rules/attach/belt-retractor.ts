import { isIntegral } from '../../restraint/index.ts'
import { lookOutcome } from '../looks.ts'
import { defineRule, type FittedSubject, type Outcome } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './belt-retractor.en.ts'

const say = sayer<typeof en>()
type Known = NonNullable<NonNullable<FittedSubject['position']['belt']>['retractor']>

/** What the test at the car shows, or what the car's entry says. */
export function retractorOf(s: FittedSubject): { readonly kind: Known } | { readonly open: Outcome } {
  const seen = lookOutcome(s, 'retractor', () => ({ kind: 'pass', says: say('tested') }))
  const tested = s.look('retractor')
  if (seen.kind === 'pass') return { kind: tested.reading?.option as Known }
  const entered = s.position.belt?.retractor
  if (tested.reading === undefined && entered !== undefined) return { kind: entered }
  return { open: seen }
}

/** Whether the lock of this route depends on the kind of retractor. */
function judge(s: FittedSubject, kind: Known): Outcome {
  const lock = s.route.belt?.lock
  const entered = s.position.belt?.retractor
  if (entered !== undefined && entered !== kind) {
    return {
      kind: 'undecided',
      missing: ['check.retractor', 'position.belt'],
      says: say('entry-differs', { entered, kind }),
    }
  }
  if (lock?.kind === 'switchable-retractor') {
    return {
      kind: kind === 'switchable' ? 'pass' : 'fail',
      severity: kind === 'switchable' ? 'fix' : 'stop',
      says: say('switchable-asked', { kind }),
    }
  }
  return { kind: 'pass', says: say('own-lock', { kind }) }
}

export default defineRule({
  id: 'belt-retractor',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'vehicle',
  checks: (s) =>
    s.position.belt?.retractor === undefined || s.look('retractor').reading !== undefined ? ['retractor'] : [],
  applies: ({ mode, route }) =>
    isIntegral(mode) && (route.belt?.lock.kind === 'switchable-retractor' || route.belt?.lock.kind === 'locking-clip'),
  evaluate: (s) => {
    const known = retractorOf(s)
    return 'open' in known ? known.open : judge(s, known.kind)
  },
})
