import { type Decision } from '../../quantities/index.ts'
import { unreachable } from '../../ground/index.ts'
import { lookOutcome } from '../looks.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './front-seat.en.ts'

const say = sayer<typeof en>()

type Touch = 'must-touch' | 'must-not-touch' | 'either'

function judge(rule: Touch, seen: string): Decision {
  // Pressed hard, the front seat loads the shell: no maker's rule allows that.
  if (seen === 'pressing') return 'fail'
  switch (rule) {
    case 'either':
      return 'pass'
    case 'must-touch':
      return seen === 'touching' ? 'pass' : 'fail'
    case 'must-not-touch':
      return seen === 'clear' ? 'pass' : 'fail'
    default:
      return unreachable(rule)
  }
}

export default defineRule({
  id: 'front-seat',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  checks: ['front-seat'],
  applies: ({ mode }) => mode.direction === 'rearward',
  evaluate: (s) => {
    const own = s.route.frontSeat
    if (own === undefined) {
      return {
        kind: 'undecided',
        missing: ['route.frontSeat', 'check.front-seat'],
        says: say('unknown-front-seat'),
      }
    }
    const bySchool = own === 'either' && s.practice.frontSeatGap === 'clear-gap-always'
    const rule = bySchool ? 'must-not-touch' : own
    const outcome = lookOutcome(s, 'front-seat', (seen) => ({
      kind: judge(rule, seen),
      says: say('judged', { row: s.position.row, seen, bySchool, rule }),
    }))
    // Only a mere touch is a matter of schools; unseen or pressing hard is not.
    const isAdvice = bySchool && outcome.kind === 'fail' && s.look('front-seat').reading?.option === 'touching'
    return { ...outcome, source: isAdvice ? 'practice' : 'maker', severity: isAdvice ? 'advise' : 'fix' }
  },
})
