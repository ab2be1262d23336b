import { buildCase, buildRoute, withEverythingGood } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { assess, checkState, limitOf, measured, type Case, type CheckId } from '../index.ts'

const ready = withEverythingGood(buildCase())
const at = Sequence(9)
const read = (id: CheckId, reading: object | undefined, c: Case = ready): Case => ({ ...c, readings: { ...c.readings, [id]: reading && { at, ...reading } } as never }) // prettier-ignore
const stateOf = (id: CheckId, c: Case) => checkState(id, c, assess(c))
const TOUCH = withEverythingGood(buildCase({ route: buildRoute({ frontSeat: 'must-touch' }) }))
const GAP = withEverythingGood(buildCase({ route: buildRoute({ frontSeat: 'must-not-touch' }) }))

test.each<[string, CheckId, Case, ReturnType<typeof checkState>]>([
  ['not looked at', 'latch-left', read('latch-left', undefined), 'not-started'],
  ['good', 'latch-left', ready, 'pass'],
  ['bad', 'latch-left', read('latch-left', { option: 'open' }), 'fail'],
  ['cannot tell', 'latch-left', read('latch-left', { option: 'unsure' }), 'undecided'],
  ['beside a bad one it is good itself', 'latch-right', read('latch-left', { option: 'open' }), 'pass'],
  ['only what it showed before', 'latch-left', read('latch-left', { before: 'open' }), 'undecided'],
  ['moved since', 'latch-left', { ...ready, disturbances: { base: { at } } }, 'stale'],
  ['another moved', 'label-serial', { ...ready, disturbances: { base: { at } } }, 'pass'],
  ['a figure within, beside a bad look', 'slack-mm', read('latch-left', { option: 'open' }), 'pass'],
  ['a figure within', 'slack-mm', ready, 'pass'],
  ['a figure beyond', 'slack-mm', read('slack-mm', { number: measured(30, 1) }), 'fail'],
  ['a figure at the limit', 'slack-mm', read('slack-mm', { number: measured(15, 2) }), 'undecided'],
  [
    'a figure that one of two rules refuses',
    'shell-angle-deg',
    read('shell-angle-deg', { number: measured(40, 0) }),
    'fail',
  ],
  [
    'good, and the leg was noted since',
    'latches-again',
    read('leg-contact', { ...ready.readings['leg-contact'], at: Sequence(99) }),
    'undecided',
  ],
  ['left to a rule, as it asks', 'front-seat', read('front-seat', { option: 'clear' }, GAP), 'pass'],
  ['left to a rule, not as it asks', 'front-seat', read('front-seat', { option: 'touching' }, GAP), 'fail'],
  ['left to another rule', 'front-seat', read('front-seat', { option: 'touching' }, TOUCH), 'pass'],
  ['asked for by nobody', 'belt-locked', read('belt-locked', { option: 'locked' }), 'pass'],
])('%s', (_, id, c, state) => expect(stateOf(id, c)).toBe(state))

test.each<[string, CheckId, Case, ReturnType<typeof limitOf>]>([
  ['movement by practice', 'steadiness-mm', ready, { to: 25, unit: 'mm', source: 'practice' }],
  ['movement by the maker', 'steadiness-mm', withEverythingGood(buildCase({ mode: { steadinessMm: 10 } })), { to: 10, unit: 'mm', source: 'maker' }],
  ['a look has none', 'latch-left', ready, undefined],
  ['one that is not asked for has none', 'coat-hides-mm', ready, undefined],
  ['nothing is judged yet', 'steadiness-mm', { ...ready, choice: { at: Sequence(0) } }, undefined],
])('a limit: %s', (_, id, c, limit) => expect(limitOf(id, assess(c))).toEqual(limit)) // prettier-ignore
test('a lower end, and both', () => {
  const tethered = withEverythingGood(buildCase({ route: { id: 't', label: 'T', scope: 'i-size', isofix: { connectors: 'rigid', role: 'holds' }, topTether: { use: 'required' }, fixture: 'R2' } })) // prettier-ignore
  expect(limitOf('tether-indicator-mm', assess(tethered))).toMatchObject({ from: 15, unit: 'mm' })
  const both = withEverythingGood(buildCase({ mode: { slackMm: { fromMm: 5, toMm: 12 } } }))
  expect(limitOf('slack-mm', assess(both))).toEqual({ from: 5, to: 12, unit: 'mm', source: 'maker' })
})
