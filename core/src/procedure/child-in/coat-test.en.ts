import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Coat test',
  says: {
    'with-and-without': () => 'Tighten with the coat on; coat off without moving the adjuster; buckle again.',
  },
})
