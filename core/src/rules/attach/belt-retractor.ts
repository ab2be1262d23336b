import { isIntegral } from '../../restraint/index.ts'
import { lookOutcome } from '../outcomes.ts'
import { defineRule, type FittedSubject, type Outcome } from '../rule.ts'

const NAMES = {
  'emergency-locking': 'an emergency-locking retractor, which runs until a crash',
  switchable: 'a switchable retractor',
  static: 'a static belt, tightened by hand',
} as const
type Known = keyof typeof NAMES

/** What the test at the car shows, or what the car's entry says. */
export function retractorOf(s: FittedSubject): { readonly kind: Known } | { readonly open: Outcome } {
  const seen = lookOutcome(s, 'retractor', (option) => ({ kind: 'pass', reason: option }))
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
      reason: () => `The car’s entry says ${NAMES[entered]}; tested, it is ${NAMES[kind]}.`,
      remedy: () => 'Test the belt again, and put right whichever is wrong.',
    }
  }
  if (lock?.kind === 'switchable-retractor') {
    return {
      kind: kind === 'switchable' ? 'pass' : 'fail',
      severity: kind === 'switchable' ? 'fix' : 'stop',
      reason: () => `The lock of this route is a switchable retractor; this place has ${NAMES[kind]}.`,
      remedy: () => 'Use a route with a lock of its own, or another place.',
    }
  }
  return { kind: 'pass', reason: () => `This place has ${NAMES[kind]}; the route’s own lock holds.` }
}

export default defineRule({
  id: 'belt-retractor',
  title: 'Retractor that the lock needs',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'vehicle',
  standsOn:
    'A switchable retractor may be the lock where the maker says so; an emergency-locking one lets the restraint creep, and needs the route’s own lock or clip. A three-second test tells them apart.',
  checks: (s) =>
    s.position.belt?.retractor === undefined || s.look('retractor').reading !== undefined ? ['retractor'] : [],
  applies: ({ mode, route }) =>
    isIntegral(mode) && (route.belt?.lock.kind === 'switchable-retractor' || route.belt?.lock.kind === 'locking-clip'),
  evaluate: (s) => {
    const known = retractorOf(s)
    return 'open' in known ? known.open : judge(s, known.kind)
  },
})
