import { DIRECTION_WORD, type Direction } from '../../restraint/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Groups 0 and 0+ never face forward',
  standsOn:
    'UN R44: groups 0 and 0+ are rearward, or lateral for a carry-cot; a mode of these groups alone never faces forward.',
  says: {
    judged: sentence<{ direction: Direction }>({
      reason: ({ direction }) =>
        direction === 'forward'
          ? 'The catalogue lists this mode as forward-facing, in a group that never is.'
          : `Groups 0 and 0+ travel ${DIRECTION_WORD[direction]}, as this mode does.`,
      remedy: () => 'Use a rearward mode; read the approval label and correct the catalogue.',
    }),
  },
})
