import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'On the seat',
  says: {
    square: () => 'Set it square on the seat, its back against the backrest.',
  },
})
