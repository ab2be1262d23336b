import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Leg to the floor',
  says: {
    'floor-box': () => 'Open the floor box: filled or propped, as the handbook says.',
    lower: () => 'Lower the leg to the bare floor at the notch that is set.',
    'pack-nothing': () => 'Pack nothing under the foot.',
  },
})
