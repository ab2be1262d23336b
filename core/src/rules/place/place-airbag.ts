import { factOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-airbag',
  title: 'No active airbag before a rearward child',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'regulation',
  standsOn: 'Never rearward before an active frontal airbag; one that cannot be switched off rules the place out.',
  applies: ({ mode, position }) =>
    mode.direction !== 'forward' && (position.row === 1 || (position.frontAirbag ?? 'none') !== 'none'),
  evaluate: ({ position }) => {
    const said = factOutcome(
      position.frontAirbag,
      'position.frontAirbag',
      'whether there is a frontal airbag, and whether it can be switched off',
      (airbag) => ({
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
        reason:
          airbag === 'none'
            ? 'No frontal airbag at this place.'
            : airbag === 'can-be-switched-off'
              ? 'The airbag can be switched off; its lamp must be seen off, and on again when an adult sits there.'
              : airbag === 'automatic'
                ? 'The airbag switches itself off by weight; that counts as off only where the handbook says so and its lamp shows it.'
                : 'The frontal airbag cannot be switched off.',
        remedy:
          airbag === 'automatic' && position.handbook?.automaticCutOffCounts === undefined
            ? 'Read in the handbook whether the automatic cut-off counts as off, or use another place.'
            : 'Use another place.',
      }),
    )
    // Undecided over a known airbag, it is the handbook that has to be read.
    return said.kind === 'undecided' && position.frontAirbag !== undefined
      ? { ...said, source: 'vehicle', missing: ['position.handbook'] }
      : said
  },
})
