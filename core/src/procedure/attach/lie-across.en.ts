import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Across the car',
  says: {
    'head-inboard': () => 'Set it across both places, the head end away from the door.',
  },
})
