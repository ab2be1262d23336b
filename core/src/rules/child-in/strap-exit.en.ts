import { sentence, ruleText } from '../say.ts'
import { STRAP_RULE_TEXT } from '../../fit/index.ts'

const SEEN_TEXT: Record<string, string> = {
  'just-below': 'just below the shoulder',
  level: 'level with the shoulder',
  'just-above': 'just above the shoulder',
}

export default ruleText({
  title: 'Straps at the shoulder, as seen',
  standsOn: 'With the hips right back, the straps leave the shell where the mode’s rule for its direction asks.',
  says: {
    fail: sentence<{ own: number | undefined; justMm: number; isAdvice: boolean }>({
      reason: ({ own, justMm, isAdvice }) =>
        `Straps leave the shell further from the shoulder than ${own ?? justMm} mm${isAdvice ? ', at the nearest setting there is' : ''}.`,
      remedy: () =>
        'Set the slot or head support as the set-up stage says; where there is none nearer, choose another restraint.',
    }),
    judged: sentence<{
      seen: string
      direction: 'rearward' | 'forward' | 'lateral'
      rule: 'at-or-just-below' | 'at-or-just-above' | 'level' | 'level-or-just-under'
    }>({
      reason: ({ seen, direction, rule }) =>
        `Straps leave the shell ${SEEN_TEXT[seen]}; for ${direction} travel they must be ${STRAP_RULE_TEXT[rule]}.`,
      remedy: ({ seen }) =>
        seen === 'just-above'
          ? 'Lower the straps one step and look again.'
          : 'Raise the straps one step and look again.',
    }),
  },
})
