import { BELT_ROUTE, BOOSTER, buildCase, buildLeg, buildRoute, FORWARD, TETHER_ROUTE } from '../../test/build.ts'
import { inRide, other, REST_OF_CAR } from '../../test/ride.ts'
import { Sequence } from '../ground/index.ts'
import { fittedSubject, stepsFor, type Case, type SeatingPosition } from '../index.ts'
import { USUAL_STEPS } from './usual-steps.ts'

const HELD = ['connect', 'push-home', 'lock-belt', 'set-on-seat', 'lie-across']
/** What each usual step waits for, as hands do it; a new step gets its line here. */
const WAITS: Readonly<Record<string, readonly string[]>> = {
  before: [],
  airbag: ['before'],
  'front-place': ['before'],
  prepare: ['before', 'airbag', 'front-place'],
  connect: ['prepare'],
  'push-home': ['connect'],
  'base-gap': ['push-home', 'connect'],
  'thread-belt': ['prepare', 'lie-across'],
  'lock-belt': ['thread-belt'],
  'set-on-seat': ['prepare'],
  'lie-across': ['prepare'],
  leg: HELD,
  shell: [...HELD, 'leg'],
  tether: [...HELD, 'leg', 'shell'],
  'lower-tethers': [...HELD, 'leg'],
  'front-seat': [...HELD, 'leg', 'lower-tethers'],
  proof: [...HELD, 'leg', 'tether', 'lower-tethers', 'shell', 'front-seat'],
  sit: ['proof', 'set-on-seat', 'base-gap', 'front-seat', 'shell'],
  buckle: ['sit'],
  'belt-child': ['sit'],
  'coat-test': ['buckle'],
  head: ['sit', 'buckle'],
  knees: ['sit'],
  'turn-and-lock': ['buckle', 'head', 'coat-test'],
}
test.each(USUAL_STEPS.map((s) => [s.id, s.needs] as const))('%s waits for what the hands need first', (id, needs) => {
  expect(needs).toEqual(WAITS[id])
})

/** What each changes, and what is looked at in it; a check moved to another step is moved here too. */
const HOLDS: Readonly<Record<string, string>> = {
  leg: 'legNotch: floor-box leg-contact leg-indicator',
  before: ': label-serial backrest-latched nothing-added bench-set console-out',
  airbag: ': airbag-lamp',
  'front-place': ': seat-fully-back',
  prepare: ': old-padding',
  connect: 'connectors: latch-left latch-right tug-left tug-right connector-straps',
  'push-home': 'base: pushed-home rebound-bar',
  'base-gap': ': gap-behind gap-under',
  'thread-belt': 'base: retractor belt-path belt-twist',
  'lock-belt': ': belt-tension belt-locked locking-clip buckle-above-edge-mm buckle-clear',
  'set-on-seat': ': clear-all-round room-beside',
  'lie-across': ': head-inboard',
  shell: ': shell-on-base carry-handle',
  tether: 'tether: tether-used tether-point tether-flat tether-indicator-mm',
  'lower-tethers': ': lower-tethers-used lower-tethers',
  'front-seat': 'frontSeatGapMm: front-seat',
  proof: ': latches-again steadiness-mm steadiness-felt clear-all-round room-beside angle-proof shell-angle-deg',
  sit: 'clothes: booster-back coat strap-exit',
  buckle: 'harness: harness-buckle strap-twist slack-mm slack-pinch strap-pressure',
  'belt-child':
    ': guide-above-shoulder-mm booster-path booster-twist guide-gate crotch-guide lap-section diagonal belt-buckle belt-slack belt-runs',
  'coat-test': ': coat-hides-mm',
  head: ': head crown-below-edge-mm chin',
  knees: ': knees',
  'turn-and-lock': 'turned: turn-lock forward-guard side-pod',
}
test.each(USUAL_STEPS.map((s) => [s.id, s] as const))(
  '%s changes the car in one way, and holds its own checks',
  (id, step) => {
    expect(`${(step.changes ?? []).join(' ')}: ${step.checks.join(' ')}`).toBe(HOLDS[id])
  },
)

const stepOf = (c: Case, id: string) => stepsFor(fittedSubject(c)!).find((s) => s.id === id)
const said = (c: Case, id: string): readonly string[] => stepOf(c, id)?.does ?? []
const at = (position: Partial<SeatingPosition>, more: Parameters<typeof buildCase>[0] = {}) => buildCase({ ...more, position }) // prettier-ignore

describe('the airbag is spoken of where there is one', () => {
  test.each<[string, Partial<SeatingPosition>, boolean, readonly string[] | undefined]>([
    ['none', { row: 1, frontAirbag: 'none' }, false, undefined],
    ['not known', { row: 1, frontAirbag: undefined }, false, undefined],
    ['rearward in front', { row: 1, frontAirbag: 'can-be-switched-off' }, false, ['Switch the passenger airbag off and look for its lamp.', 'It goes on again when an adult sits here.']],
    ['rearward in the back', { row: 2, frontAirbag: 'can-be-switched-off' }, false, ['Switch the passenger airbag off and look for its lamp.', 'It goes on again when an adult sits here.']],
    ['forward in front', { row: 1, frontAirbag: 'can-be-switched-off' }, true, ['Set the passenger airbag as handbook and manual say, and look for its lamp.', 'It goes on again when an adult sits here.']],
    ['forward in the back', { row: 2, frontAirbag: 'can-be-switched-off' }, true, undefined],
  ])('%s', (_, position, isForward, does) => {
    expect(stepOf(at(position, isForward ? { mode: FORWARD } : {}), 'airbag')?.does).toEqual(does)
  }) // prettier-ignore
})

describe('before anything', () => {
  const others = [other(200), other(200, { id: 'col-fitting', positionIds: ['rear-right'] })]
  const riding = (installedBefore?: string[]): Case => {
    const c = inRide(buildCase({ others: REST_OF_CAR }), others)
    return { ...c, ride: { ...c.ride!, ...(installedBefore && { installedBefore }) } }
  }
  test('those who go in first are named by their places, and only they', () => {
    expect(said(riding(['col-fitting']), 'before')).toContain('Install what goes at Rear right first: with this one in, it is hard to reach.') // prettier-ignore
    expect(said(riding(['wren-fitting', 'col-fitting']), 'before').join()).toContain('Rear middle and Rear right first')
    expect(said(riding(), 'before').join()).not.toContain('hard to reach')
    expect(said(buildCase(), 'before').join()).not.toContain('hard to reach')
  })
  test('a handbook’s setting of a seat in the back, a console to take out', () => {
    const sliding = { slidingTrack: { travelMm: 200, handbookSetting: 'Bench fully back.' }, without: [] }
    expect(said(at({ ...sliding, row: 2 }), 'before')).toContain('Bench fully back.')
    expect(said(at({ ...sliding, row: 1 }), 'before')).not.toContain('Bench fully back.')
    expect(said(at({ ...sliding, row: 1 }), 'prepare')).toContain('Bench fully back.')
    expect(said(at({ ...sliding, row: 2 }), 'prepare')).not.toContain('Bench fully back.')
    expect(said(at({ obstacles: ['removable-console'] }), 'before')).toContain('Take the removable console out.')
    expect(said(at({ obstacles: [] }), 'before')).not.toContain('Take the removable console out.')
  })
})

describe('the belt is locked as the route says, and why', () => {
  const WHY =
    'Feed the spare belt back. Without the lock the belt holds only in a crash, and the restraint creeps loose.'
  const locked = (lock: object) => said(buildCase({ route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: lock as never } } }), 'lock-belt') // prettier-ignore
  test.each<[object, string, boolean]>([
    [{ kind: 'lock-off', section: 'diagonal', side: 'door-side' }, 'Close the lock-off on the diagonal section, door side (left).', true],
    [{ kind: 'locking-clip', fromTongueMm: 0 }, 'Put the locking clip on lap and diagonal together, flush with the tongue.', true],
    [{ kind: 'locking-clip', section: 'lap', fromTongueMm: 20 }, 'Put the locking clip on the lap section, 20 mm from the tongue.', true],
    [{ kind: 'switchable-retractor' }, 'Pull the belt right out until the retractor switches over, then let it wind back tight.', true],
    [{ kind: 'tension-only' }, 'No lock holds the belt: pull it tight as the manual shows.', false],
  ])('%j', (lock, line, isHeldByIt) => {
    const does = locked(lock)
    expect(does).toContain(line)
    expect(does.includes(WHY)).toBe(isHeldByIt)
  }) // prettier-ignore
  test('a lap belt is pulled at its tongue, a three-point belt up by its diagonal', () => {
    const lap = { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, needs: 'lap' as const } }
    expect(said(buildCase({ route: lap }), 'lock-belt')[1]).toMatch(/^Pull the lap section tight/)
    expect(said(buildCase({ route: BELT_ROUTE }), 'lock-belt')[1]).toMatch(/^Pull the diagonal up/)
    const both = { ...lap, belt: { ...lap.belt, path: [...lap.belt.path, { ...lap.belt.path[0]!, section: 'diagonal' as const }] } } // prettier-ignore
    expect(said(buildCase({ route: both }), 'lock-belt')[1]).toMatch(/^Pull the diagonal up/)
  })
})

test.each([
  ['over', 'Lead it over the head restraint.'],
  ['round-both-sides', 'Lead it round both sides of the head restraint.'],
  ['free', undefined],
  [undefined, undefined],
] as const)('a tether’s path %s: %s', (headRestraintPath, line) => {
  const topTether = { use: 'required', ...(headRestraintPath && { headRestraintPath }) } as never
  const does = said(buildCase({ route: { ...TETHER_ROUTE, topTether } }), 'tether')
  expect(does.filter((x) => x.startsWith('Lead it'))).toEqual(line === undefined ? [] : [line])
  expect(does.at(-1)).toBe('Hook it, then tighten.')
})
test('an advised tether is called so', () => {
  const titled = (use: 'required' | 'optional') => stepOf(buildCase({ route: { ...TETHER_ROUTE, topTether: { use } } }), 'tether')?.title // prettier-ignore
  expect([titled('optional'), titled('required')]).toEqual(['Top tether (advised)', 'Top tether'])
})

test('the coat test is a step where a coat is worn; shield and harness are closed each in its way', () => {
  const worn = (option: string) => buildCase({ readings: { coat: { option, at: Sequence(2) } } })
  expect([stepOf(worn('coat'), 'coat-test')?.does, stepOf(worn('indoor'), 'coat-test')]).toEqual([['Tighten with the coat on; coat off without moving the adjuster; buckle again.'], undefined]) // prettier-ignore
  expect(said(buildCase(), 'buckle')).toEqual(['Join both halves of the tongue; in until one click.', 'Slack out from the hips, then the shoulders; then pull the adjuster.']) // prettier-ignore
  expect(said(buildCase({ mode: { ...FORWARD, heldBy: 'shield', strap: undefined } }), 'buckle')).toEqual(['Close the shield against the child until it clicks; nothing between the two.']) // prettier-ignore
})
test('the belt of a booster: each guide, the guide between the legs where there is one, the buckle', () => {
  const belted = (mode: object) => said(buildCase({ mode: { ...BOOSTER, ...mode } }), 'belt-child')
  expect(belted({})).toEqual(['Lap: under red guide, buckle side (right).', 'Buckle; draw the slack towards the retractor.']) // prettier-ignore
  expect(belted({ crotchBeltGuide: true })[1]).toBe('The lap section through the guide between the legs.')
})
test('a leg is lowered to its notch, or until it is set', () => {
  const lowered = (settings: Case['settings']) => said(buildCase({ settings, route: buildRoute({ leg: buildLeg() }) }), 'leg') // prettier-ignore
  expect(lowered({ legNotch: { value: 3, at: Sequence(2) } })).toContain('Leg to notch 3 of 19, its foot flat on the floor.') // prettier-ignore
  expect(lowered({})).toContain('Lower the leg to the floor; its notch is not set yet.')
})

describe('lower tethers', () => {
  const route = buildRoute({ lowerTethers: { use: 'required', points: ['ring', 'seat-leg'], lead: 'crossed', lengthMm: 900, proofs: [{ id: 'p', what: 'ratchet', kind: 'click' }] } as never }) // prettier-ignore
  const hooked = (...points: readonly (readonly ['left' | 'right', string])[]) =>
    said(at({ lowerTetherPoints: points.map(([side, kind]) => ({ side, kind })) as never }, { route }), 'lower-tethers').filter((x) => x.startsWith('Hook')) // prettier-ignore
  test('hook to the first permitted point on each side; with one side open nothing is said of points', () => {
    expect(hooked(['left', 'boxed-in'], ['left', 'ring'], ['right', 'seat-leg'])).toEqual(['Hook them: left the ring, right the metal seat leg; the bracket held ready where the strap comes round.']) // prettier-ignore
    expect(hooked(['right', 'ring'], ['left', 'ring'])).toEqual(['Hook them: the ring on either side; the bracket held ready where the strap comes round.']) // prettier-ignore
    expect(hooked(['left', 'ring'], ['right', 'boxed-in'])).toEqual([])
    expect(hooked(['left', 'ring'])).toEqual([])
    expect(hooked()).toEqual([])
  })
  test('the rest as the maker says, and what proves it', () => {
    expect(said(buildCase({ route }), 'lower-tethers')).toEqual([
      'Lead them crossed.', 'Each strap reaches 900 mm.', 'Clear of wiring. A reel that stops half-way goes back up and starts again.',
      'Tighten in turn; wiggle the shell until they stop clicking.',
    ]) // prettier-ignore
    expect(stepOf(buildCase({ route }), 'lower-tethers')?.proofs).toEqual([{ sense: 'heard', what: 'ratchet' }])
  })
})
test.each([
  [true, { travelPosition: 'upright' }, ['Set the shell on its base until it clicks.', 'Handle to its travel position: upright.']], // prettier-ignore
  [true, undefined, ['Set the shell on its base until it clicks.']],
  [false, { travelPosition: 'upright' }, ['Handle to its travel position: upright.']],
  [false, undefined, undefined],
] as const)('shell on a base %s, handle %j', (usesBase, carryHandle, does) => {
  const c = buildCase({ mode: { ...(carryHandle && { carryHandle }) }, route: buildRoute({ usesBase }) })
  expect(stepOf(c, 'shell')?.does).toEqual(does)
})
test('before it goes in: what is set now, the seat in front, connectors, the leg and its mat', () => {
  const prepared = (route: object, position: Partial<SeatingPosition> = {}) => said(at(position, { route: buildRoute(route) }), 'prepare') // prettier-ignore
  expect(prepared({ settingsBeforePlacing: ['recline 2'] })).toEqual([
    'Manual and handbook open at the right page.', 'Set now, out of reach later: recline 2.',
    'Seat in front forward for room; it goes back at the end.', 'Connectors out.', 'Leg unfolded; the mat out from under it.',
  ]) // prettier-ignore
  expect(prepared({}, { floor: { kind: 'solid', matMayStay: true } }).at(-1)).toBe('Leg unfolded; the mat may stay under it.') // prettier-ignore
  expect(prepared({}, { floor: { kind: 'solid', matRemovable: false } }).at(-1)).toBe('Leg unfolded; the floor covering here does not come out.') // prettier-ignore
  expect(prepared({ leg: buildLeg({ matMayStay: true }) }).at(-1)).toBe('Leg unfolded; the mat may stay under it.')
  const already = 'The child may already sit in it while it is attached, as the manual shows.'
  expect(prepared({ childFirst: true })).toContain(already)
  expect(prepared({ childFirst: false })).not.toContain(already)
  expect(prepared({}, { row: 1 })).not.toContain('Seat in front forward for room; it goes back at the end.')
})

test.each([
  ['crossed', 'Lead them crossed.'],
  ['straight', 'Lead them straight.'],
  [undefined, 'Cross them where the seat back is curved.'],
] as const)('lower tethers led %s', (lead, line) => {
  const lowerTethers = { use: 'required', points: ['ring'], ...(lead && { lead }) } as never
  expect(said(buildCase({ route: buildRoute({ lowerTethers }) }), 'lower-tethers')[0]).toBe(line)
})
test.each<[string, Parameters<typeof buildCase>[0], readonly string[]]>([
  ['rearward', {}, ['Pay out what the path needs, not to the end: it may lock into a ratchet there.', 'The path for rearward: the lap section runs under the child’s legs.']],
  ['forward', { mode: FORWARD }, ['Pay out what the path needs, not to the end: it may lock into a ratchet there.', 'The path for forward: the belt runs behind the child’s back.']],
  ['across', { mode: { direction: 'lateral' } }, ['Pay out what the path needs, not to the end: it may lock into a ratchet there.']],
  ['with the child in it', { route: { ...BELT_ROUTE, childFirst: true } }, ['The child may sit in it: rings off, tip the shell to free the path, pass the tongue from hand to hand under the legs.', 'The path for rearward: the lap section runs under the child’s legs.']],
])('a belt threaded %s', (_, over, before) => {
  const GUIDE = 'Lap: under blue guide, buckle side (right).'
  const threaded = (buckleStalk?: 'stiff' | 'flexible') =>
    said(at({ belt: { kind: 'three-point', retractor: 'emergency-locking', ...(buckleStalk && { buckleStalk: buckleStalk as never }) } }, { route: BELT_ROUTE, ...over }), 'thread-belt')
  expect(threaded()).toEqual([...before, GUIDE, 'Buckle, and listen for the click.'])
  expect(threaded('flexible')).toEqual(threaded())
  expect(threaded('stiff')).toEqual([...threaded(), 'The stalk is stiff: check that it is not bent round the frame.'])
}) // prettier-ignore
test.each<[string, Parameters<typeof buildCase>[0], readonly string[] | undefined, string | undefined]>([
  ['connectors and leg', { route: buildRoute() }, ['Firm hand low down, where it is latched: side to side, fore and aft.', 'Not at the top: that may move more.', 'Look at both indicators again: the leg may have moved the connectors.'], 'Firm hand'],
  ['connectors and tether, forward', { mode: FORWARD, route: TETHER_ROUTE }, ['Firm hand low down, where it is latched: side to side, fore and aft.', 'Look at both indicators again: the tether may have moved the connectors.'], 'Firm hand'],
  ['all three', { route: buildRoute({ topTether: { use: 'required' } }) }, ['Firm hand low down, where it is latched: side to side, fore and aft.', 'Not at the top: that may move more.', 'Look at both indicators again: leg and tether may have moved the connectors.'], 'Firm hand'],
  ['connectors alone', { mode: FORWARD, route: { ...TETHER_ROUTE, topTether: undefined } as never }, ['Firm hand low down, where it is latched: side to side, fore and aft.'], 'Firm hand'],
  ['a belt', { route: BELT_ROUTE }, ['Firm hand at the belt path: side to side, fore and aft.', 'Not at the top: that may move more.'], 'Firm hand'],
  ['a booster’s connectors', { mode: BOOSTER, route: { ...TETHER_ROUTE, topTether: undefined } as never }, [], 'Nothing presses on it'],
  ['a booster by the belt', { mode: BOOSTER }, undefined, undefined],
])('the proof of %s', (_, over, does, title) => {
  const step = stepOf(buildCase(over), 'proof')
  expect(step?.does).toEqual(does)
  if (title === 'Nothing presses on it') expect(step?.title).toBe(title)
  else expect(step?.title).not.toBe('Nothing presses on it')
}) // prettier-ignore
test.each<[string, Parameters<typeof buildRoute>[0], object, readonly string[] | undefined]>([
  ['arms at any length', { isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'any-length' } }, {}, ['The arms may stand at any length.']],
  ['the same of a shell that turns', { isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'any-length' } }, { turns: { locks: [], forwardGuard: false } }, ['The arms may stand at any length. See that it turns before the child is in.']],
  ['arms that run back', { isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'required', armsMayRetract: true } }, {}, ['Thumb each arm in; do not push the shell, or the arms run back.']],
  ['a base', { isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'required' }, usesBase: true }, {}, ['Push or ratchet the base against the backrest.']],
  ['no base', { isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'required' } }, {}, ['Push or ratchet the restraint against the backrest.']],
  ['a bar with a ratchet', { reboundBar: { hasRatchet: true } as never }, {}, ['Push or ratchet the restraint against the backrest.', 'Rebound bar back while the bars are found; then ratchet it to its last loud click.']],
  ['a bar without', { reboundBar: { hasRatchet: false } as never }, {}, ['Push or ratchet the restraint against the backrest.', 'Rebound bar back while the bars are found; then bring it against the backrest.']],
  ['a bar, and connectors on straps', { isofix: { connectors: 'strap', role: 'holds' }, reboundBar: { hasRatchet: false } as never }, {}, ['Rebound bar back while the bars are found; then bring it against the backrest.']],
  ['connectors on straps', { isofix: { connectors: 'strap', role: 'holds' } }, {}, undefined],
])('pushed home with %s', (_, route, mode, does) => {
  expect(stepOf(buildCase({ mode, route: buildRoute(route) }), 'push-home')?.does).toEqual(does)
}) // prettier-ignore
test.each<[string, Partial<SeatingPosition>, readonly string[]]>([
  ['in front', { row: 1 }, ['Look between shell and dashboard.']],
  ['in the middle of the back', { row: 2, side: 'centre' }, [expect.any(String) as string, 'Behind two seats: keep both level.']],
])('the seat in front, %s', (_, position, does) => {
  expect(said(at(position), 'front-seat')).toEqual(does)
}) // prettier-ignore
test('bars that are recessed are felt for; connectors on straps are hooked on', () => {
  const connect = (bars: 'visible' | 'recessed', connectors: 'rigid' | 'strap') =>
    said(at({ isofix: { bars } }, { route: buildRoute({ isofix: { connectors, role: 'holds' } }) }), 'connect')
  expect(connect('visible', 'rigid')).toEqual(['Note what each indicator shows before you push.', expect.stringMatching(/^Push /)]) // prettier-ignore
  expect(connect('recessed', 'strap')).toEqual(['Note what each indicator shows before you push.', 'The bars are recessed: feel for them, use guides.', expect.stringMatching(/^Hook /)]) // prettier-ignore
})
test('where a tether’s anchorage is, and what the car’s handbook adds', () => {
  const led = (tether: SeatingPosition['tether']) => said(at({ tether }, { mode: FORWARD, route: TETHER_ROUTE }), 'tether') // prettier-ignore
  expect(led({ where: 'seat-back' })).toEqual(['Anchorage: seat back.', 'Hook it, then tighten.'])
  expect(led({ where: 'seat-back', note: 'Behind the flap.' })).toEqual(['Anchorage: seat back.', 'Behind the flap.', 'Hook it, then tighten.']) // prettier-ignore
  expect(led(undefined)).toEqual(['Hook it, then tighten.'])
  expect(led({ where: 'none' })).toEqual(['Hook it, then tighten.'])
})
test('a child lies down: hips flat first; a booster’s sits up', () => {
  expect(said(buildCase({ mode: { shape: 'lie-flat' } }), 'sit').at(-1)).toBe('Hips flat first; the rest lies flat.')
  expect(said(buildCase({ mode: BOOSTER }), 'sit')).toEqual(['Hips first, then shoulders.'])
  expect(said(buildCase(), 'sit')).toEqual([
    'Loosen at the adjuster and pull the straps, not the pads; park the tongues at the sides.',
    'Coat off before the straps go on.',
    'Feet first and swivel in, not on the buckle. Hips right back, then shoulders.',
  ])
})
test('no gap behind the base, of what connectors hold', () => {
  const NO_GAP = ['No gap at the backrest or the cushion, unless the maker says that one may stay.']
  expect(said(buildCase(), 'base-gap')).toEqual(NO_GAP)
  expect(stepOf(buildCase({ route: buildRoute({ isofix: { connectors: 'rigid', role: 'steadies' } }) }), 'base-gap')).toBeUndefined() // prettier-ignore
  expect(stepOf(buildCase({ mode: BOOSTER, route: buildRoute({ leg: undefined }) }), 'base-gap')).toBeUndefined()
  expect(stepOf(buildCase({ route: BELT_ROUTE }), 'base-gap')).toBeUndefined()
})
