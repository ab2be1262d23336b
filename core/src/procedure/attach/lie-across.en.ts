import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Across the car',
  says: {
    'head-inboard': () => 'The head end away from the door.',
  },
})
