import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Room beside a neighbour',
  standsOn:
    'What stands side by side may not bear on one another, and a hand must reach each buckle between them: looked at with all of the row in place.',
  says: {},
})
