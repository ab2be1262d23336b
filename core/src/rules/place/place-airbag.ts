import { factOutcome } from '../facts.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-airbag.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-airbag',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'regulation',
  applies: ({ mode, position }) =>
    mode.direction !== 'forward' && (position.row === 1 || (position.frontAirbag ?? 'none') !== 'none'),
  evaluate: ({ position }) => {
    const said = factOutcome(position.frontAirbag, 'position.frontAirbag', (airbag) => ({
      kind:
        airbag === 'cannot-be-switched-off'
          ? 'fail'
          : airbag !== 'automatic'
            ? 'pass'
            : position.handbook?.automaticCutOffCounts === undefined
              ? 'undecided'
              : position.handbook.automaticCutOffCounts
                ? 'pass'
                : 'fail',
      says: say('judged', { airbag, automaticCutOffCounts: position.handbook?.automaticCutOffCounts }),
    }))
    // Undecided over a known airbag, it is the handbook that has to be read.
    return said.kind === 'undecided' && position.frontAirbag !== undefined
      ? { ...said, source: 'vehicle', missing: ['position.handbook'] }
      : said
  },
})
