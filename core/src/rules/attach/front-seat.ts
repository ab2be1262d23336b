import { unreachable, type Decision } from '../../quantities/index.ts'
import { lookOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

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

const TOUCH_TEXT: Record<Touch, string> = {
  'must-touch': 'the maker asks for touch',
  'must-not-touch': 'the maker asks for a clear gap',
  either: 'the maker accepts touch or gap',
}

export default defineRule({
  id: 'front-seat',
  title: 'Front seat against the shell',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Makers differ: must touch, must not touch, or either; the school “clear gap always” binds only where the maker leaves it open.',
  checks: ['front-seat'],
  applies: ({ mode }) => mode.direction === 'rearward',
  evaluate: (s) => {
    const own = s.route.frontSeat
    if (own === undefined) {
      return {
        kind: 'undecided',
        missing: ['route.frontSeat', 'check.front-seat'],
        reason: () => 'Whether the shell must touch what stands before it, must not, or may, has not been read.',
        remedy: () => 'Read it in the manual, and enter it with the route.',
      }
    }
    const before = s.position.row === 1 ? 'Dashboard' : 'Front seat'
    const bySchool = own === 'either' && s.practice.frontSeatGap === 'clear-gap-always'
    const rule = bySchool ? 'must-not-touch' : own
    const outcome = lookOutcome(s, 'front-seat', (seen) => ({
      kind: judge(rule, seen),
      reason: `${before} ${seen === 'clear' ? 'clear of the shell' : `${seen} the shell`}; ${bySchool ? 'your school asks for a clear gap' : TOUCH_TEXT[rule]}.`,
    }))
    // Only a mere touch is a matter of schools; unseen or pressing hard is not.
    const isAdvice = bySchool && outcome.kind === 'fail' && s.look('front-seat').reading?.option === 'touching'
    return { ...outcome, source: isAdvice ? 'practice' : 'maker', severity: isAdvice ? 'advise' : 'fix' }
  },
})
