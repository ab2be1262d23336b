import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Knees at the cushion edge',
  standsOn:
    'Practice school “knees”: a child whose knees do not reach the edge slides forward and the lap belt rides up; they must bend there, or are advised to. Looked at they are under both.',
  says: {},
})
