import { ruleText } from '../say.ts'

export default ruleText({
  title: 'No padding of a smaller child',
  standsOn:
    'A mode that lists no padding is used without it; padding left in from a smaller child lifts this one and slackens the harness.',
  says: {},
})
