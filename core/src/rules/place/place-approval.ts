import { every, type Decision } from '../../quantities/index.ts'
import { isIntegral, isIsofixHeld, type R44Group } from '../../restraint/index.ts'
import { factOutcome } from '../facts.ts'
import { forbiddenByHandbook, groupsLookedUp, isISizeAtISize, listingOf, makersListing } from '../listing.ts'
import { defineRule, type Outcome, type PlaceSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-approval.en.ts'

const say = sayer<typeof en>()

type Letter = NonNullable<NonNullable<NonNullable<PlaceSubject['position']['handbook']>['beltGroups']>[R44Group]>

function judgeBeltLetters(s: PlaceSubject): Outcome {
  const { mode, position } = s
  const letters = position.handbook?.beltGroups
  const table = position.handbook?.table?.universalBelted
  const suits = (letter: Letter | undefined): boolean => letter === 'U' || (letter === 'UF' && mode.direction === 'forward')
  const groups = groupsLookedUp(s)
  const known = groups.map((g) => ({ g, letter: letters?.[g] }))
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
  return outcomeOf(kind, ['position.handbook'], { says: say('belt-letters', { kind, groups, byTable, byLetters, table, known, direction: mode.direction }) })
} // prettier-ignore

function judgeIsofixLetter({ position }: PlaceSubject): Outcome {
  return factOutcome(
    position.handbook?.isofix,
    'position.handbook',
    (letter) => ({
      kind: letter === 'IUF' ? 'pass' : 'fail',
      says: say('isofix-letter', { letter }),
    }),
    'isofix-not-known',
  )
}

function judgeISize(s: PlaceSubject): Outcome {
  const { handbook } = s.position
  return factOutcome(
    handbook?.iSize,
    'position.handbook',
    (mark) => {
      if (isISizeAtISize(s) && handbook?.isofix === 'X') {
        return {
          kind: 'undecided',
          says: say('i-size-and-x', { mark }),
        }
      }
      return {
        kind: isISizeAtISize(s) ? 'pass' : 'fail',
        says: say('i-size-mark', { isISizeAtISize: isISizeAtISize(s), mark }),
      }
    },
    'i-size-not-known',
  )
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
  const source = makersListing(s) === 'listed' ? 'maker' : 'vehicle'
  const forbidden = forbiddenByHandbook(s)
  if (forbidden !== undefined) {
    return {
      kind: 'fail',
      source: 'vehicle',
      says: say('listed-and-refused', { makersListing: makersListing(s), forbidden }),
    }
  }
  const isRead = s.position.handbook !== undefined
  return {
    kind: 'pass',
    source,
    says: say('listed', { makersListing: makersListing(s), isRead }),
  }
}

export default defineRule({
  id: 'place-approval',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
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
            says: say('unknown-approved-places', { said: said.says }),
          }
        : said
    }
    const forbidden = forbiddenByHandbook(s)
    if (forbidden !== undefined) {
      return { kind: 'fail', says: say('refused', { forbidden }), }
    }
    if (listing === 'not-read' || mayBeListedByVehicle(s)) {
      const isMakers = makersListing(s) === 'not-read'
      return {
        kind: 'undecided',
        source: isMakers ? 'maker' : 'vehicle',
        // Either list would do: the maker's, or the vehicle maker's own behind L and IL.
        missing: [
          ...(mayBeListedByVehicle(s) ? (['position.handbook'] as const) : []),
          ...(isMakers ? (['route.approvedPlaces'] as const) : []),
        ],
        says: say('list-not-read', { isMakers }),
      }
    }
    return {
      kind: 'fail',
      source: 'maker',
      says: say('not-listed'),
    }
  },
}) // prettier-ignore
