import type { SharedPart } from '../../vehicle/index.ts'
import { untilSeenSentence } from '../looks.en.ts'
import { ruleText, sentence } from '../say.ts'

const list = (names: readonly string[]): string => names.join(' and ')

const SHARED: Readonly<Record<SharedPart, string>> = {
  bars: 'the ISOFIX bars serve one of the two places',
  tether: 'the tether anchorage serves one of the two places',
  rails: 'the points for lower tethers serve one of the two places',
  buckle: 'the two buckles are in each other’s way',
  'buckle-covered': 'a restraint on one place covers the buckle of the other',
}

export default ruleText({
  title: 'Parts of the car that two places share',
  standsOn:
    'A pair of bars, a tether anchorage, a point for lower tethers and a buckle each serve one restraint on a ride, as the vehicle handbook says; one unit serves one child.',
  says: {
    'until-seen': untilSeenSentence({
      what: 'Whether it shares bars, anchorage or buckle with what is beside it',
      remedy: 'Read in the handbook which places share them, or look with both in place.',
    }),
    unit: sentence<{ places: readonly string[] }>({
      reason: ({ places }) =>
        places.length === 0
          ? 'Another child on this ride has this unit.'
          : `What is at ${list(places)} is this same unit.`,
      remedy: () => 'Use another unit for one of them.',
    }),
    shared: sentence<{ part: SharedPart; places: readonly string[] }>({
      reason: ({ part, places }) => `Not together with what is at ${list(places)}: ${SHARED[part]}.`,
      remedy: () => 'Use another place or route for one of them.',
    }),
    apart: sentence<{ places: readonly string[] }>({
      reason: ({ places }) =>
        places.length === 0
          ? 'Takes no bars, anchorage or buckle that another restraint on this ride needs.'
          : `Takes no bars, anchorage or buckle that what is at ${list(places)} needs.`,
    }),
  },
})
