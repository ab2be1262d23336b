import { tetherUseAt } from '../fit/index.ts'
import { lookOutcome } from './looks.ts'
import type { FittedSubject, Outcome } from './rule.ts'
import type shared from './shared.en.ts'
import { sayer } from './say.ts'

const say = sayer<typeof shared>()

/** Tethers that the maker requires, or advises and that were hooked. */

const isHooked = (s: FittedSubject, check: 'tether-used' | 'lower-tethers-used'): boolean => {
  const { reading, staleBecause } = s.look(check)
  return reading?.option === 'hooked' && staleBecause === undefined
}

export const isTetherUsed = (s: FittedSubject): boolean => {
  const use = tetherUseAt(s.route, s.position)
  return use === 'required' || (use === 'optional' && isHooked(s, 'tether-used'))
}

export const areLowerTethersUsed = (s: FittedSubject): boolean =>
  s.route.lowerTethers?.use === 'required' ||
  (s.route.lowerTethers?.use === 'optional' && isHooked(s, 'lower-tethers-used'))

/** An advised tether: whether it was hooked is asked; left off, that is spoken of and holds nothing up. */
export function advisedTether(s: FittedSubject, check: 'tether-used' | 'lower-tethers-used'): Outcome {
  const outcome = lookOutcome(s, check, () => ({
    kind: 'fail',
    says: say('left-off'),
  }))
  return { ...outcome, severity: outcome.kind === 'fail' ? 'advise' : 'fix' }
}
