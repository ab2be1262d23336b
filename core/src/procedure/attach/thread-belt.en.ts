import type { Guide } from '../belt-path.en.ts'
import { guideLine } from '../belt-path.en.ts'
import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Thread the belt',
  says: {
    'rearward-path': () => 'The path for rearward: the lap section runs under the child’s legs.',
    'forward-path': () => 'The path for forward: the belt runs behind the child’s back.',
    guide: (guide: Guide) => guideLine(guide),
    'pay-out': () => 'Pay out what the path needs, not to the end: it may lock into a ratchet there.',
    'child-seated': () =>
      'The child may sit in it: rings off, tip the shell to free the path, pass the tongue from hand to hand under the legs.',
    buckle: () => 'Buckle, and listen for the click.',
    'stiff-stalk': () => 'The stalk is stiff: check that it is not bent round the frame.',
  },
})
