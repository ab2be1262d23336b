import { ruleText } from '../say.ts'

export default ruleText({
  title: 'What the manual says of the route has been read',
  standsOn:
    'Each optional part of a route is described, or said to be none; one of which nothing is said asks one question.',
  says: {},
})
