import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Front seat',
  says: {
    dashboard: () => 'Look between shell and dashboard.',
    'tallest-driver': () => 'Set the front seat where the tallest driver has it.',
    level: () => 'Behind two seats: keep both level.',
  },
})
