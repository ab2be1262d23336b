import { LAW } from '../../law/index.ts'
import { compare, every } from '../../quantities/index.ts'
import { observedRule } from '../observed.ts'
import type { FittedSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './forward-guard.en.ts'

const say = sayer<typeof en>()

/** What the law asks of a child that faces forward; only then may the guard be open. */
const mayFaceForward = ({ age, statureCm }: FittedSubject): boolean =>
  every([
    compare(age, 'more-than', LAW.r129ForwardOverMonths),
    compare(statureCm, 'at-least', LAW.r129ForwardFromCm),
  ]) === 'pass'

export default observedRule({
  id: 'forward-guard',
  stage: 'child-in',
  source: 'maker',
  checks: ['forward-guard'],
  applies: (s) => s.mode.turns?.forwardGuard === true && (s.mode.direction === 'forward' || !mayFaceForward(s)),
  byRule: ({ mode }, seen) => {
    const wanted = mode.direction === 'forward' ? 'released' : 'set'
    return {
      kind: seen === wanted ? 'pass' : 'fail',
      says: say('judged', { seen, direction: mode.direction, wanted }),
    }
  },
})
