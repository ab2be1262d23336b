import type { Guide } from '../belt-path.en.ts'
import { guideLine } from '../belt-path.en.ts'
import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Belt round the child',
  says: {
    guide: (guide: Guide) => guideLine(guide),
    'crotch-guide': () => 'The lap section through the guide between the legs.',
    buckle: () => 'Buckle; draw the slack towards the retractor.',
  },
})
