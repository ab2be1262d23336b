import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Booster’s belt free to run',
  standsOn:
    'The belt that holds a child on a booster stays free to run; a switchable retractor is locked only where the maker asks for it.',
  says: {
    judged: sentence<{ asked: boolean }>({
      reason: ({ asked }) =>
        asked ? 'The belt ratchets, as the maker asks here.' : 'The belt is locked; here it must run freely.',
    }),
  },
})
