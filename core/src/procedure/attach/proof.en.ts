import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Check that it holds',
  says: {
    clear: () => 'Nothing presses on it',
    'firm-hand': ({ where }: { where: 'base' | 'belt' }) =>
      `Firm hand ${where === 'belt' ? 'at the belt path' : 'low down, where it is latched'}: side to side, fore and aft.`,
    'latches-again': ({ by }: { by: 'leg' | 'tether' | 'both' }) =>
      `Look at both indicators again: ${by === 'both' ? 'leg and tether' : `the ${by}`} may have moved the connectors.`,
    'not-at-top': () => 'Not at the top: that may move more.',
  },
})
