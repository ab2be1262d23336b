import { FIXTURE_TEXT } from '../../vehicle/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Room for the restraint’s envelope',
  standsOn:
    'UN R16 fixtures: a larger envelope takes the smaller of its kind; an i-Size place takes R2 and F2X, one marked i-UF F2X alone. A restraint held by ISOFIX states its envelope, unless it is i-Size at an i-Size place.',
  says: {
    fail: sentence<{
      fixture: 'F3' | 'F2' | 'F2X' | 'R3' | 'R2' | 'R2X' | 'R1' | 'L1' | 'L2' | 'B2' | 'B3' | undefined
    }>({
      reason: ({ fixture }) =>
        `The place does not take the envelope ${fixture === undefined ? '' : `${fixture} (${FIXTURE_TEXT[fixture]})`}.`,
      remedy: () => 'Use a place with more room, or a smaller restraint.',
    }),
    pass: sentence({ reason: () => 'A maker has tried it at this place in this car.' }),
    'pass-2': sentence({ reason: () => 'An i-Size place takes what is approved i-Size.' }),
    'unknown-fixture': sentence({
      reason: () => 'The envelope it needs has not been read; a restraint held by ISOFIX has one.',
      remedy: () => 'Read the envelope on the label or in the manual, and enter it with the route.',
    }),
    judged: sentence<{
      isTaken: boolean
      fixture: 'F3' | 'F2' | 'F2X' | 'R3' | 'R2' | 'R2X' | 'R1' | 'L1' | 'L2' | 'B2' | 'B3' | undefined
    }>({
      reason: ({ isTaken, fixture }) =>
        isTaken
          ? `The place takes the envelope ${fixture === undefined ? '' : `${fixture} (${FIXTURE_TEXT[fixture]})`}.`
          : `Not known: whether the place takes the envelope ${fixture === undefined ? '' : `${fixture} (${FIXTURE_TEXT[fixture]})`}.`,
      remedy: () => 'Read the fixtures listed in the handbook.',
    }),
  },
})
