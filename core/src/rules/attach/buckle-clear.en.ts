import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Buckle clear at the side',
  standsOn: 'Neither buckle nor stalk bears on the frame’s side or bends round its edge, where a crash would load it.',
  says: {},
})
