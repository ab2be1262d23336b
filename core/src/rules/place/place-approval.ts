import { every, type Decision } from '../../quantities/index.ts'
import { isIntegral, isIsofixHeld, type R44Group } from '../../restraint/index.ts'
import { factOutcome } from '../outcomes.ts'
import { forbiddenByHandbook, groupsLookedUp, isISizeAtISize, listingOf, makersListing } from '../listing.ts'
import { defineRule, type Outcome, type PlaceSubject } from '../rule.ts'

const OTHER = 'Use another place, or a route approved for this one.'
const LETTERS_ASK = 'the handbook’s letters for this place'
const BOTH_ASK = 'Ask both makers, and use another place until they agree.'

type Letter = NonNullable<NonNullable<NonNullable<PlaceSubject['position']['handbook']>['beltGroups']>[R44Group]>

function judgeBeltLetters(s: PlaceSubject): Outcome {
  const { mode, position } = s
  const letters = position.handbook?.beltGroups
  const table = position.handbook?.table?.universalBelted
  const suits = (letter: Letter | undefined): boolean => letter === 'U' || (letter === 'UF' && mode.direction === 'forward')
  const groups = groupsLookedUp(s)
  const known = groups.map((g) => ({ g, letter: letters?.[g] }))
  const says = () => known.filter((k) => k.letter !== undefined).map(({ g, letter }) => `${letter} for group ${g}`).join(', ')
  const isByStature = mode.approval.regulation === 'R129'
  // By stature one group that is universal is enough; between two mass groups both must hold.
  const byLetters: Decision = isByStature
    ? known.some(({ letter }) => suits(letter))
      ? 'pass'
      : known.some(({ letter }) => letter === undefined)
        ? 'undecided'
        : 'fail'
    : every(known.map(({ letter }) => (letter === undefined ? 'undecided' : suits(letter) ? 'pass' : 'fail')))
  const byTable: Decision = table === undefined ? 'undecided' : table ? 'pass' : 'fail'
  const kind = byLetters === 'undecided' ? byTable : byTable === 'undecided' ? byLetters : every([byLetters, byTable])
  return {
    kind,
    missing: kind === 'undecided' ? ['position.handbook'] : undefined,
    reason: () =>
      kind === 'undecided'
        ? `Not known: ${LETTERS_ASK}, group ${groups.join('/')}.`
        : byTable !== 'undecided' && (byLetters === 'undecided' || byTable === kind)
          ? `The handbook’s table says ${table ? '' : 'no '}universal belted restraint at this place.`
          : `The handbook marks the place ${says()}; this universal route ${kind === 'pass' ? 'may go there' : `needs U${mode.direction === 'forward' ? ' or UF' : ''}`}.`,
    remedy: () => (kind === 'fail' ? OTHER : `Read ${LETTERS_ASK}.`),
  }
} // prettier-ignore

function judgeIsofixLetter({ position }: PlaceSubject): Outcome {
  return factOutcome(position.handbook?.isofix, 'position.handbook', LETTERS_ASK, (letter) => ({
    kind: letter === 'IUF' ? 'pass' : 'fail',
    reason:
      letter === 'IUF'
        ? 'The handbook marks the place IUF.'
        : `The handbook says ${letter} here; ISOFIX universal forward needs IUF.`,
    remedy: OTHER,
  }))
}

function judgeISize(s: PlaceSubject): Outcome {
  const { handbook } = s.position
  return factOutcome(handbook?.iSize, 'position.handbook', 'whether the place is marked i-Size', (mark) => {
    if (isISizeAtISize(s) && handbook?.isofix === 'X') {
      return {
        kind: 'undecided',
        reason: `The handbook marks the place i-Size (${mark}) and X for ISOFIX: the two cannot both be so.`,
        remedy: 'Read the handbook’s table for this place again.',
      }
    }
    return {
      kind: isISizeAtISize(s) ? 'pass' : 'fail',
      reason: isISizeAtISize(s)
        ? `The place is marked i-Size (${mark}).`
        : mark === 'X'
          ? 'The place has no i-Size mark.'
          : 'The place is i-Size for forward only.',
      remedy: OTHER,
    }
  })
}

/** What the handbook says by itself for a route that goes by marks and letters. */
function judgeMarks(s: PlaceSubject): Outcome {
  if (s.route.scope === 'i-size') return judgeISize(s)
  return isIntegral(s.mode) && isIsofixHeld(s.route) ? judgeIsofixLetter(s) : judgeBeltLetters(s)
}

/** Whether the handbook could still have a list of its own behind L or IL, that nobody has read. */
function mayBeListedByVehicle(s: PlaceSubject): boolean {
  const { handbook } = s.position
  if (handbook?.listedModelIds !== undefined) return false
  if (isIntegral(s.mode) && isIsofixHeld(s.route)) return handbook?.isofix === undefined || handbook.isofix === 'IL'
  const letters = groupsLookedUp(s).map((g) => handbook?.beltGroups?.[g])
  return letters.some((letter) => letter === undefined || letter === 'L')
}

function listed(s: PlaceSubject): Outcome {
  const who = makersListing(s) === 'listed' ? 'the restraint maker’s list' : 'the vehicle maker’s list'
  const source = makersListing(s) === 'listed' ? 'maker' : 'vehicle'
  const forbidden = forbiddenByHandbook(s)
  if (forbidden !== undefined) {
    return {
      kind: 'fail',
      source: 'vehicle',
      reason: () => `This place is on ${who}, and the handbook refuses: ${forbidden}.`,
      remedy: () => BOTH_ASK,
    }
  }
  const isRead = s.position.handbook !== undefined
  return {
    kind: 'pass',
    source,
    reason: () =>
      `This car and place are on ${who}${isRead ? ', and the handbook does not forbid it' : '; the handbook has not been read'}.`,
  }
}

export default defineRule({
  id: 'place-approval',
  title: 'Approved for this place',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn:
    'The approval’s scope is met by the universal letter, the i-Size mark, or the car and place on a maker’s list; a handbook that forbids this very kind refuses though a list names the place.',
  applies: () => true,
  evaluate: (s) => {
    const listing = listingOf(s)
    if (listing === 'listed') return listed(s)
    const { scope } = s.route
    if (scope === 'i-size' || scope === 'universal') {
      const said = judgeMarks(s)
      // Marks that are merely lacking may be made good by a list that nobody has read for this car.
      const isOpen = said.kind === 'fail' && s.route.approvedPlaces !== undefined && listing === 'not-read' && forbiddenByHandbook(s) === undefined
      return isOpen
        ? {
            kind: 'undecided',
            source: 'maker',
            missing: ['route.approvedPlaces'],
            reason: () => `${said.reason()} The maker’s list of cars has not been read for this one.`,
            remedy: () => 'Look this car and place up on the maker’s list, or use another place.',
          }
        : said
    }
    const forbidden = forbiddenByHandbook(s)
    if (forbidden !== undefined) {
      return { kind: 'fail', reason: () => `The handbook refuses: ${forbidden}.`, remedy: () => OTHER }
    }
    if (listing === 'not-read' || mayBeListedByVehicle(s)) {
      const isMakers = makersListing(s) === 'not-read'
      return {
        kind: 'undecided',
        source: isMakers ? 'maker' : 'vehicle',
        missing: [isMakers ? 'route.approvedPlaces' : 'position.handbook'],
        reason: () =>
          isMakers
            ? 'This route needs the car and place on the maker’s list, which has not been read for this car.'
            : 'The restraint maker’s list does not name this place; the vehicle maker’s own has not been read.',
        remedy: () => 'Look this car and place up on the list, or use another route.',
      }
    }
    return {
      kind: 'fail',
      source: 'maker',
      reason: () => 'The car and this place are not on the maker’s list.',
      remedy: () => 'Ask the maker, or use another car, place or route.',
    }
  },
}) // prettier-ignore
