import { defineRule } from '../rule.ts'
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
  evaluate: ({ position }) => ({
    kind: position.facing === undefined ? 'undecided' : position.facing === 'forward' ? 'pass' : 'fail',
    missing: position.facing === undefined ? ['position.facing'] : undefined,
    says: say('judged', { facing: position.facing }),
  }),
})
