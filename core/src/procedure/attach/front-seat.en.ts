import { stepText } from '../usual-step.ts'

const IN_FRONT = {
  driver: 'Set the driver’s seat where the tallest driver has it.',
  passenger: 'Set the front passenger’s seat where a passenger can sit.',
  both: 'Set both front seats: the driver’s where the tallest driver has it, the passenger’s where one can sit.',
  row: 'Set the seat in front where its passenger can sit.',
} as const

export default stepText({
  title: 'Front seat',
  says: {
    dashboard: () => 'Look between shell and dashboard.',
    'in-front': ({ who }: { who: 'driver' | 'passenger' | 'both' | 'row' }) => IN_FRONT[who],
    level: () => 'Behind two seats: keep both level.',
  },
})
