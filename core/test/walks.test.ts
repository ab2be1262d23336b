import { Sequence } from '../src/ground/index.ts'
import { CONFIGURATIONS } from './configurations.ts'
import { JOB_KINDS, fittedSubject, planJob, stepsFor, type Case } from '../src/index.ts'

/**
 * Walks from the catalogue alone, of made-up kinds: each step where the hands
 * want it, each sentence of that kind and of this fitting, no step that the
 * kind does not have.
 */

const PARTS = {
  isofix: /connector|ISOFIX|indicator/i,
  leg: /\bleg\b|\bnotch\b/i,
  tether: /top tether|anchorage/i,
  lowerTethers: /lower tether|lead them|cross them/i,
  belt: /\bbelt\b|\blap\b|diagonal/i,
  base: /its base|the base\b/i,
  rearward: /rearward|ankles|dashboard|seat in front|tallest driver/i,
  harness: /tongues at the sides|both halves/i,
  airbag: /airbag/i,
  turn: /turn it|let it lock/i,
} as const
type Part = keyof typeof PARTS

interface Walk {
  readonly order: readonly string[]
  readonly has: readonly Part[]
  /** Sentences with this fitting's own numbers, sides and colours. */
  readonly says: readonly string[]
}

const WALKS: Readonly<Record<string, Walk>> = {
  'ISOFIX with leg': {
    order: [
      'before',
      'prepare',
      'connect',
      'push-home',
      'base-gap',
      'leg',
      'front-seat',
      'proof',
      'sit',
      'buckle',
      'head',
    ],
    has: ['isofix', 'leg', 'rearward', 'harness'],
    says: [
      'Note what each indicator shows before you push.',
      'Leg to notch 7 of 19, its foot flat on the floor.',
      'Set the front passenger’s seat where a passenger can sit.',
      'Look at both indicators again: the leg may have moved the connectors.',
    ],
  },
  'turning shell': {
    order: ['before', 'prepare', 'connect', 'push-home', 'base-gap', 'leg', 'front-seat', 'proof', 'sit', 'buckle', 'head', 'turn-and-lock'], // prettier-ignore
    has: ['isofix', 'leg', 'rearward', 'harness', 'turn'],
    says: ['Turn it rearward and let it lock.', 'Fold out the pod on the left, the door side.'],
  },
  'insert out while threading': {
    order: ['before', 'prepare', 'insert-out', 'thread-belt', 'lock-belt', 'insert-back', 'front-seat', 'proof', 'sit', 'buckle', 'head'], // prettier-ignore
    has: ['belt', 'rearward', 'harness'],
    says: [
      'Lap: under blue guide, buckle side (right).',
      'Close the lock-off on the diagonal section, door side (left).',
    ],
  },
  'forward with tether': {
    order: ['before', 'prepare', 'connect', 'push-home', 'base-gap', 'tether', 'proof', 'sit', 'buckle', 'head'],
    has: ['isofix', 'tether', 'harness'],
    says: ['Anchorage: seat back.', 'Look at both indicators again: the tether may have moved the connectors.'],
  },
  'belt with lower tethers': {
    order: [
      'before',
      'prepare',
      'thread-belt',
      'lock-belt',
      'lower-tethers',
      'front-seat',
      'proof',
      'sit',
      'buckle',
      'head',
    ],
    has: ['belt', 'lowerTethers', 'rearward', 'harness'],
    says: ['Weight where the child’s ankles would be.', 'Firm hand at the belt path: side to side, fore and aft.'],
  },
  'infant shell on a base': {
    order: ['before', 'prepare', 'connect', 'push-home', 'base-gap', 'leg', 'shell', 'front-seat', 'proof', 'sit', 'buckle', 'head'], // prettier-ignore
    has: ['isofix', 'leg', 'base', 'rearward', 'harness'],
    says: ['Push or ratchet the base against the backrest.', 'Handle to its travel position: upright.'],
  },
  'connectors on straps': {
    order: ['before', 'prepare', 'connect', 'base-gap', 'tether', 'proof', 'sit', 'buckle', 'head'],
    has: ['isofix', 'tether', 'harness'],
    says: ['Hook each connector on until it clicks, then pull each strap tight.'],
  },
  'front passenger, airbag off': {
    order: ['before', 'airbag', 'front-place', 'prepare', 'connect', 'push-home', 'base-gap', 'leg', 'front-seat', 'proof', 'sit', 'buckle', 'head'], // prettier-ignore
    has: ['isofix', 'leg', 'rearward', 'harness', 'airbag', 'belt'],
    says: ['Switch the passenger airbag off and look for its lamp.', 'Look between shell and dashboard.'],
  },
  'carry-cot': {
    order: ['before', 'prepare', 'lie-across', 'thread-belt', 'lock-belt', 'proof', 'sit', 'buckle', 'head'],
    has: ['belt', 'harness'],
    says: ['Set it across both places, the head end away from the door.', 'Hips flat first; the rest lies flat.'],
  },
  booster: {
    order: ['before', 'prepare', 'set-on-seat', 'sit', 'head', 'belt-child', 'knees'],
    has: ['belt'],
    says: ['Lap: under red guide, buckle side (right).', 'Buckle; draw the slack towards the retractor.'],
  },
  'loose clip': {
    order: ['before', 'prepare', 'thread-belt', 'lock-belt', 'front-seat', 'proof', 'sit', 'buckle', 'head'],
    has: ['belt', 'rearward', 'harness'],
    says: ['Put the locking clip on lap and diagonal together, flush with the tongue.'],
  },
}

const stepsOf = (c: Case) => stepsFor(fittedSubject(c)!)
const sentences = (c: Case): readonly string[] => stepsOf(c).flatMap((s) => s.does)

describe.each(Object.entries(WALKS))('%s', (name, { order, has, says }) => {
  const made = CONFIGURATIONS[name]!
  const c: Case = { ...made, settings: { ...made.settings, legNotch: { value: 7, at: Sequence(2) } } }
  test('each step where the hands want it', () => {
    expect(stepsOf(c).map((s) => s.id)).toEqual(order)
  })
  test('each sentence of this kind, with its own numbers and sides', () => {
    expect(sentences(c)).toEqual(expect.arrayContaining([...says]))
    const others = (Object.keys(PARTS) as Part[]).filter((part) => !has.includes(part))
    for (const line of sentences(c)) for (const part of others) expect([part, PARTS[part].test(line), line]).toEqual([part, false, line]) // prettier-ignore
    for (const part of has) expect([part, sentences(c).some((line) => PARTS[part].test(line))]).toEqual([part, true])
  })
  test('no check is recorded twice, and none of another kind is asked', () => {
    const checks = stepsOf(c).flatMap((s) => s.checks)
    expect(new Set(checks).size).toBe(checks.length)
    expect(new Set(checks)).toEqual(fittedSubject(c)!.asked!())
  })
  test('a belt is ticked off guide by guide, each with its colour and its side of this car', () => {
    const { route, mode } = fittedSubject(c)!
    const ticked = stepsOf(c).flatMap((s) => (s.ticks ? [s.ticks] : []))
    const check = mode.heldBy === 'vehicle-belt' ? 'booster-path' : 'belt-path'
    const isAsked = fittedSubject(c)!.asked!().has(check)
    expect(ticked.map((t) => [t.check, t.lines.length])).toEqual(isAsked ? [[check, route.belt!.path.length]] : [])
    for (const { lines } of ticked) for (const line of lines) expect(sentences(c)).toContain(line)
  })
  test('taken out and converted: only what this kind has', () => {
    const { mode, route, position, model } = fittedSubject(c)!
    const ABSENT: readonly [boolean, RegExp][] = [
      [route.topTether === undefined, /top tether/i],
      [route.lowerTethers === undefined, /lower tether/i],
      [route.leg === undefined, /\bleg up\b/i],
      [route.isofix === undefined, /connector/i],
      [route.belt === undefined, /let the belt back/i],
      [route.usesBase !== true, /off its base/i],
      [position.row === 1, /seat in front/i],
      [position.row !== 1, /airbag/i],
    ]
    const texts = planJob('take-out', { model, mode, route, position }).steps.map((s) => s.text)
    for (const [isAbsent, words] of ABSENT) if (isAbsent) expect(texts.filter((t) => words.test(t))).toEqual([])
    for (const kind of JOB_KINDS)
      expect(planJob(kind, { model, mode, route, position }).steps.length).toBeGreaterThan(0)
  })
})
