import { ruleText } from '../say.ts'

export default ruleText({
  title: 'What the manual says about the mode has been read',
  standsOn:
    'Each optional part of a mode is described or stated as absent; for one that is neither, one question is asked.',
  says: {},
})
