import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Head',
  says: {},
})
