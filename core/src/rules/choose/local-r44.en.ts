import { dayInSentence } from '../../quantities/index.ts'
import { ruleText, sentence } from '../say.ts'

export default ruleText({
  title: 'Use of UN R44 where you are',
  standsOn:
    'New UN R44 restraints are no longer sold in many countries; whether existing ones may be used, and until when, is local law.',
  says: {
    'not-known': sentence<{ name: string }>({
      reason: ({ name }) =>
        `Whether UN R44 may still be used here is not known: the local rule “${name}” does not say.`,
      remedy: () => 'Ask your authority, and enter it with the local rule in Settings.',
    }),
    allowed: sentence<{ name: string }>({
      reason: ({ name }) => `UN R44 may be used, by the local rule “${name}”.`,
    }),
    'not-after': sentence<{ name: string; notAfter: string; isOver: boolean }>({
      reason: ({ name, notAfter, isOver }) =>
        `UN R44 ${isOver ? 'might be used' : 'may be used'} until ${dayInSentence(notAfter)}, by the local rule “${name}”${isOver ? '; that day has passed' : ''}.`,
      remedy: () => 'Use a restraint of UN R129.',
    }),
  },
})
