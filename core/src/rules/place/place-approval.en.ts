import { sentence, type Said, ruleText } from '../say.ts'
import { forbiddenText } from '../listing.en.ts'
import type { Forbidden } from '../listing.ts'
import { notKnown } from '../facts.en.ts'
import { type Decision } from '../../quantities/index.ts'

const LETTERS_ASK = 'the handbook’s letters for this place'
const OTHER = 'Use another place, or a route approved for this one.'
const BOTH_ASK = 'Ask both makers, and use another place until they agree.'

export default ruleText({
  title: 'Approved for this place',
  standsOn:
    'The universal letter, the i-Size mark, or the car and place on a maker’s list meets the scope of the approval; a handbook that forbids this kind refuses it even where a list names the place.',
  says: {
    'belt-letters': sentence<{
      kind: Decision
      groups: readonly ('0' | '0+' | 'I' | 'II' | 'III')[]
      byTable: Decision
      byLetters: Decision
      table: boolean | undefined
      known: { g: '0' | '0+' | 'I' | 'II' | 'III'; letter: 'U' | 'UF' | 'L' | 'B' | 'X' | undefined }[]
      direction: 'rearward' | 'forward' | 'lateral'
    }>({
      reason: ({ kind, groups, byTable, byLetters, table, known, direction }) =>
        kind === 'undecided'
          ? `Not known: ${LETTERS_ASK}, group ${groups.join('/')}.`
          : byTable !== 'undecided' && (byLetters === 'undecided' || byTable === kind)
            ? `The handbook’s table says ${table ? '' : 'no '}universal belted restraint at this place.`
            : `The handbook marks the place ${known
                .filter((k) => k.letter !== undefined)
                .map(({ g, letter }) => `${letter} for group ${g}`)
                .join(
                  ', ',
                )}; this universal route ${kind === 'pass' ? 'may go there' : `needs U${direction === 'forward' ? ' or UF' : ''}`}.`,
      remedy: ({ kind }) => (kind === 'fail' ? OTHER : `Read ${LETTERS_ASK}.`),
    }),
    'isofix-not-known': notKnown({ what: LETTERS_ASK, remedy: `Read ${LETTERS_ASK}.` }),
    'isofix-letter': sentence<{ letter: string }>({
      reason: ({ letter }) =>
        letter === 'IUF'
          ? 'The handbook marks the place IUF.'
          : `The handbook says ${letter} here; ISOFIX universal forward needs IUF.`,
      remedy: () => OTHER,
    }),
    'i-size-not-known': notKnown({
      what: 'whether the place is marked i-Size',
      remedy: 'Look for the mark at the seat, or look it up in the vehicle handbook.',
    }),
    'i-size-and-x': sentence<{ mark: string }>({
      reason: ({ mark }) => `The handbook marks the place i-Size (${mark}) and X for ISOFIX: both cannot be right.`,
      remedy: () => 'Read the handbook’s table for this place again.',
    }),
    'i-size-mark': sentence<{ isISizeAtISize: boolean; mark: string }>({
      reason: ({ isISizeAtISize, mark }) =>
        isISizeAtISize
          ? `The place is marked i-Size (${mark}).`
          : mark === 'X'
            ? 'The place has no i-Size mark.'
            : 'The place is i-Size for forward only.',
      remedy: () => OTHER,
    }),
    'listed-and-refused': sentence<{
      makersListing: 'listed' | 'not-listed' | 'not-read' | undefined
      forbidden: Forbidden
    }>({
      reason: ({ makersListing, forbidden }) =>
        `This place is on ${makersListing === 'listed' ? 'the restraint maker’s list' : 'the vehicle maker’s list'}, and the handbook refuses: ${forbiddenText(forbidden)}.`,
      remedy: () => BOTH_ASK,
    }),
    listed: sentence<{ makersListing: 'listed' | 'not-listed' | 'not-read' | undefined; isRead: boolean }>({
      reason: ({ makersListing, isRead }) =>
        `This car and place are on ${makersListing === 'listed' ? 'the restraint maker’s list' : 'the vehicle maker’s list'}${isRead ? ', and the handbook does not forbid it' : '; the handbook has not been read'}.`,
    }),
    'unknown-approved-places': sentence<{ said: Said }>({
      reason: ({ said }, read) => `${read.reason(said)} The maker’s list of cars has not been read for this one.`,
      remedy: () => 'Look this car and place up on the maker’s list, or use another place.',
    }),
    refused: sentence<{ forbidden: Forbidden }>({
      reason: ({ forbidden }) => `The handbook refuses: ${forbiddenText(forbidden)}.`,
      remedy: () => OTHER,
    }),
    'list-not-read': sentence<{ isMakers: boolean }>({
      reason: ({ isMakers }) =>
        isMakers
          ? 'This route needs the car and place on the maker’s list, which has not been read for this car.'
          : 'The restraint maker’s list does not name this place; the vehicle maker’s own has not been read.',
      remedy: () => 'Look this car and place up on the list, or use another route.',
    }),
    'not-listed': sentence({
      reason: () => 'The car and this place are not on the maker’s list.',
      remedy: () => 'Ask the maker, or use another car, place or route.',
    }),
  },
})
