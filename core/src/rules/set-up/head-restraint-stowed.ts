import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './head-restraint-stowed.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'head-restraint-stowed',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  applies: ({ settings }) => settings.vehicleHeadRestraint !== undefined,
  evaluate: ({ settings }) => {
    const isLoose = settings.vehicleHeadRestraint?.value === 'off-and-loose'
    return {
      kind: isLoose ? 'fail' : 'pass',
      says: say('judged', { isLoose }),
    }
  },
})
