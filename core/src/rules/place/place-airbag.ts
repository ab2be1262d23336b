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
  evaluate: ({ position }) =>
    factOutcome(
      position.frontAirbag,
      'position.frontAirbag',
      'whether there is a frontal airbag, and whether it can be switched off',
      (airbag) => ({
        kind: airbag === 'cannot-be-switched-off' ? 'fail' : 'pass',
        reason:
          airbag === 'none'
            ? 'No frontal airbag at this place.'
            : airbag === 'can-be-switched-off'
              ? 'The airbag can be switched off; its lamp must be seen off, and on again when an adult sits there.'
              : 'The frontal airbag cannot be switched off.',
        remedy: 'Use another place.',
      }),
    ),
})
