import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Clear on every side',
  standsOn:
    'What bears on a restraint moves it off its hold or its angle: head restraint, recline lever, door, console, neighbour. A head restraint put back to clamp it is a danger.',
  says: {},
})
