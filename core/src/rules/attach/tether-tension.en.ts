import { measuredSentence } from '../measured.en.ts'
import type { RuleSource } from '../rule.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Tether tension',
  standsOn: 'The indicator shows at least a finger’s width of good, or what the maker asks for.',
  says: {
    measured: measuredSentence<{ source: RuleSource }>({
      stated: ({ source }) => (source === 'maker' ? 'the maker' : 'a finger’s width of good'),
      remedy: ({ wording }) =>
        wording === 'at-least'
          ? 'Pull the tether tighter and read the indicator again.'
          : 'Let the tether out a little and read the indicator again.',
    }),
  },
})
