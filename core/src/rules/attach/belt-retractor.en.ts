import { sentence, ruleText } from '../say.ts'

const NAMES = {
  'emergency-locking': 'an emergency-locking retractor, which runs until a crash',
  switchable: 'a switchable retractor',
  static: 'a static belt, tightened by hand',
} as const

export default ruleText({
  title: 'Retractor that the lock needs',
  standsOn:
    'A switchable retractor may be the lock where the maker says so; an emergency-locking one lets the restraint creep, and needs the route’s own lock or clip. A three-second test tells them apart.',
  says: {
    tested: sentence({ reason: () => 'The retractor was tested.' }),
    'entry-differs': sentence<{
      entered: 'emergency-locking' | 'switchable' | 'static'
      kind: 'emergency-locking' | 'switchable' | 'static'
    }>({
      reason: ({ entered, kind }) => `The car’s entry says ${NAMES[entered]}; tested, it is ${NAMES[kind]}.`,
      remedy: () => 'Test the belt again, and correct whichever is wrong.',
    }),
    'switchable-asked': sentence<{ kind: 'emergency-locking' | 'switchable' | 'static' }>({
      reason: ({ kind }) => `The lock of this route is a switchable retractor; this place has ${NAMES[kind]}.`,
      remedy: () => 'Use a route with a lock of its own, or another place.',
    }),
    'own-lock': sentence<{ kind: 'emergency-locking' | 'switchable' | 'static' }>({
      reason: ({ kind }) => `This place has ${NAMES[kind]}; the route’s own lock holds.`,
    }),
  },
})
