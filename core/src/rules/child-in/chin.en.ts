import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Head lies back',
  standsOn: 'Whatever the angle, an infant’s head lies back and the chin stays off the chest, asleep too.',
  says: {},
})
