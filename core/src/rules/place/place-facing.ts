import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-facing.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-facing',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'regulation',
  applies: () => true,
  evaluate: ({ position }) =>
    outcomeOf(
      position.facing === undefined ? 'undecided' : position.facing === 'forward' ? 'pass' : 'fail',
      ['position.facing'],
      { says: say('judged', { facing: position.facing }) },
    ),
})
