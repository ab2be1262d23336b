import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'R44-infant-direction',
  title: 'Groups 0 and 0+ never face forward',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn:
    'UN R44: groups 0 and 0+ are rearward, or lateral for a carry-cot; a mode of these groups alone never faces forward.',
  applies: ({ mode }) =>
    mode.approval.regulation === 'R44' && mode.approval.groups.every((g) => g === '0' || g === '0+'),
  evaluate: ({ mode }) => ({
    kind: mode.direction === 'forward' ? 'fail' : 'pass',
    reason: () =>
      mode.direction === 'forward'
        ? 'The catalogue calls this mode forward, in a group that never is.'
        : `Groups 0 and 0+ travel ${mode.direction === 'lateral' ? 'lying across' : 'rearward'}, as this mode does.`,
    remedy: () => 'Use a rearward mode; read the approval label and correct the catalogue.',
  }),
})
