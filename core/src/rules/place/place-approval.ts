import { formatNumber, type Decision } from '../../quantities/index.ts'
import { GROUP_MASS_KG, type R44Group } from '../../restraint/index.ts'
import { factOutcome } from '../outcomes.ts'
import { defineRule, type Outcome, type PlaceSubject } from '../rule.ts'

function isListed({ route, vehicle, position }: PlaceSubject): boolean {
  return (route.approvedPlaces ?? []).some((a) => a.vehicleId === vehicle.id && a.positionIds.includes(position.id))
}

const OTHER = 'Use another place, or a route approved for this one.'
const LETTERS_ASK = 'the handbook’s letters for this place'

/** The groups that matter for this child: those its mass may fall in, or all while unweighed. */
function groupsToMeet({ mode, massKg }: PlaceSubject): readonly R44Group[] {
  if (mode.approval.regulation !== 'R44') return []
  const groups = mode.approval.groups
  if (massKg === undefined) return groups
  const touched = groups.filter((g) => GROUP_MASS_KG[g].from <= massKg.hi && massKg.lo <= GROUP_MASS_KG[g].to)
  return touched.length > 0 ? touched : groups
}

/**
 * Handbooks mark belt-installed places by mass group, also for restraints that
 * go by stature: the groups this child's mass may fall in, of those that travel
 * in the mode's direction.
 */
function groupsOfDirection({ mode, massKg }: PlaceSubject): readonly R44Group[] {
  const ofDirection: readonly R44Group[] =
    mode.heldBy === 'vehicle-belt' ? ['II', 'III'] : mode.direction === 'forward' ? ['I', 'II'] : ['0', '0+', 'I', 'II']
  if (massKg === undefined) return ofDirection
  const touched = ofDirection.filter((g) => GROUP_MASS_KG[g].from <= massKg.hi && massKg.lo <= GROUP_MASS_KG[g].to)
  return touched.length > 0 ? touched : ofDirection
}

function judgeByStature(subject: PlaceSubject, suits: (letter: string | undefined) => boolean): Outcome {
  const letters = subject.position.handbook?.beltGroups
  const groups = groupsOfDirection(subject)
  const found = groups.find((g) => suits(letters?.[g]))
  const kind: Decision = found ? 'pass' : groups.some((g) => letters?.[g] === undefined) ? 'undecided' : 'fail'
  const named = `group ${groups.join('/')}`
  return {
    kind,
    missing: kind === 'undecided' ? ['position.handbook'] : undefined,
    reason: () =>
      kind === 'pass'
        ? `The handbook marks the place ${letters?.[found as R44Group]} for group ${found}: universal for belt-installed restraints.`
        : kind === 'fail'
          ? `The handbook marks the place ${groups.map((g) => `${letters?.[g]} for group ${g}`).join(', ')}: not universal ${subject.mode.direction}.`
          : `Not known: ${LETTERS_ASK}, ${named}.`,
    remedy: () => (kind === 'fail' ? OTHER : `Read ${LETTERS_ASK}.`),
  }
}

function judgeBeltLetters(subject: PlaceSubject): Outcome {
  const { mode, position, massKg } = subject
  const letters = position.handbook?.beltGroups
  const isForward = mode.direction === 'forward'
  const suits = (letter: string | undefined): boolean => letter === 'U' || (letter === 'UF' && isForward)
  if (mode.approval.regulation === 'R129') return judgeByStature(subject, suits)
  const groups = groupsToMeet(subject)
  const known = groups.map((g) => ({ g, letter: letters?.[g] }))
  // Between two groups one letter is enough only if it holds for both.
  const missing = known.some(({ letter }) => letter === undefined)
  const bad = known.find(({ letter }) => letter !== undefined && !suits(letter))
  const kind: Decision = bad ? 'fail' : missing ? 'undecided' : 'pass'
  const mass = massKg ? ` at ${formatNumber(massKg.lo)} kg` : ''
  return {
    kind,
    missing: kind === 'undecided' ? ['position.handbook'] : undefined,
    reason: () =>
      bad
        ? `Group ${bad.g}: the handbook says ${bad.letter} here; this universal route needs U${isForward ? ' or UF' : ''}.`
        : missing
          ? `Not known: ${LETTERS_ASK}, group ${groups.join('/')}${mass}.`
          : `The handbook marks the place ${known.map(({ g, letter }) => `${letter} for group ${g}`).join(', ')}.`,
    remedy: () => (bad ? OTHER : `Read ${LETTERS_ASK}.`),
  }
}

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

function judgeISize({ mode, position }: PlaceSubject): Outcome {
  return factOutcome(position.handbook?.iSize, 'position.handbook', 'whether the place is marked i-Size', (mark) => {
    const holds = mark === 'i-U' || (mark === 'i-UF' && mode.direction === 'forward')
    return {
      kind: holds ? 'pass' : 'fail',
      reason: holds
        ? `The place is marked i-Size (${mark}).`
        : mark === 'X'
          ? 'The place has no i-Size mark.'
          : 'The place is i-Size for forward only.',
      remedy: OTHER,
    }
  })
}

export default defineRule({
  id: 'place-approval',
  title: 'Approved for this place',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn:
    'The approval’s scope is met by the universal letter, the i-Size mark, or the car and place on the maker’s list.',
  applies: () => true,
  evaluate: (subject) => {
    if (isListed(subject)) {
      return { kind: 'pass', source: 'maker', reason: () => 'The car and this place are on the maker’s list.' }
    }
    const { route, mode } = subject
    switch (route.scope) {
      case 'i-size':
        return judgeISize(subject)
      case 'universal':
        return route.isofix?.role === 'holds' && mode.heldBy !== 'vehicle-belt'
          ? judgeIsofixLetter(subject)
          : judgeBeltLetters(subject)
      case 'semi-universal':
      case 'vehicle-specific':
        return {
          kind: 'fail',
          source: 'maker',
          reason: () => 'The car and this place are not on the maker’s list.',
          remedy: () => 'Ask the maker, or use another car, place or route.',
        }
    }
  },
})
