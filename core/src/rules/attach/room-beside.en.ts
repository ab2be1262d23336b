import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Room beside a neighbour',
  standsOn:
    'Restraints side by side must not press on one another, and a hand must reach each buckle between them: checked with the whole row in place.',
  says: {},
})
