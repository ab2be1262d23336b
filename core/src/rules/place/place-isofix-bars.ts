import { factOutcome } from '../facts.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-isofix-bars.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-isofix-bars',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  applies: ({ route }) => route.isofix !== undefined,
  evaluate: ({ position }) =>
    factOutcome(position.isofix?.bars, 'position.isofix', (bars) => ({
      kind: bars === 'none' ? 'fail' : 'pass',
      says: say('judged', { bars }),
    })),
})
