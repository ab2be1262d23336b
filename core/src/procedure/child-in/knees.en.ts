import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Knees',
  says: {},
})
