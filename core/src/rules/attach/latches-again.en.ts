import { checkLabel, type CheckId } from '../../checks/index.ts'
import { ruleText, sentence } from '../say.ts'

export default ruleText({
  title: 'Both indicators again, at the end',
  standsOn: 'Setting a leg lifts the base and tightening a tether pulls it: a connector that showed latched can open.',
  says: {
    'set-since': sentence<{ check: CheckId }>({
      reason: ({ check }) => `The indicators were checked before “${checkLabel(check)}” was recorded.`,
      remedy: () => 'Check both indicators again.',
    }),
  },
})
