import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Does it hold',
  says: {
    'firm-hand': () => 'Firm hand at the belt path or base: side to side, fore and aft.',
    'not-at-top': () => 'Not at the top of a rearward shell: that may move more.',
  },
})
