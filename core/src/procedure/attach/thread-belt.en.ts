import type { Guide } from '../belt-path.en.ts'
import { guideLine } from '../belt-path.en.ts'
import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Thread the belt',
  says: {
    'rearward-path': () => 'The path for rearward: the lap section runs under the child’s legs.',
    'forward-path': () => 'The path for forward: the belt runs behind the child’s back.',
    guide: (guide: Guide) => guideLine(guide),
    buckle: () => 'Buckle, and listen for the click.',
    'stiff-stalk': () => 'The stalk is stiff: look that it is not bent round the frame.',
  },
})
