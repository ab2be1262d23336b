import { Sequence } from '../../ground/index.ts'
import { BELT_ROUTE, buildCase, judged } from '../../../test/build.ts'
import { type Case, type MakerStep } from '../../index.ts'
import { reasonOf } from '../speak.ts'

const OPEN: MakerStep = { id: 'open', text: 'Open the flap.' }
const CLOSE: MakerStep = { id: 'close', text: 'Close the flap.', pairWith: 'open' }
const OUT: MakerStep = { id: 'out', text: 'Cushion out.' }
const BACK: MakerStep = { id: 'back', text: 'Cushion back.', pairWith: 'out' }

/** @param done each step with the number of the entry that notes it */
const at = (steps: readonly MakerStep[], done: Readonly<Record<string, number>> = {}): Case => ({
  ...buildCase({ route: { ...BELT_ROUTE, steps: [...steps] } }),
  stepsDone: Object.fromEntries(Object.entries(done).map(([id, n]) => [id, { at: Sequence(n) }])),
})
const said = (c: Case) => {
  const outcome = judged('pair-closed', c)
  if (outcome.kind === 'not-applicable') return [outcome.kind]
  return [outcome.kind, outcome.kind === 'undecided' ? outcome.missing : [], reasonOf(outcome)]
}

test.each<[string, Case, readonly unknown[]]>([
  ['no pair', at([OPEN]), ['not-applicable']],
  ['a second whose first this route does not have', at([CLOSE]), ['not-applicable']],
  ['nothing noted', at([OPEN, CLOSE]), ['undecided', ['step.close'], 'Not recorded as done: Close the flap.']],
  [
    'the first alone',
    at([OPEN, CLOSE], { open: 3 }),
    ['undecided', ['step.close'], 'Not recorded as done: Close the flap.'],
  ],
  [
    'both, in order',
    at([OPEN, CLOSE], { open: 3, close: 4 }),
    ['pass', [], 'Each step that had to be reversed has been reversed.'],
  ],
  [
    'in one breath',
    at([OPEN, CLOSE], { open: 4, close: 4 }),
    ['pass', [], 'Each step that had to be reversed has been reversed.'],
  ],
  [
    'the second alone',
    at([OPEN, CLOSE], { close: 4 }),
    ['pass', [], 'Each step that had to be reversed has been reversed.'],
  ],
  ['opened again', at([OPEN, CLOSE], { open: 5, close: 4 }), ['fail', [], 'Undone since: Close the flap.']],
  [
    'one pair closed, one not',
    at([OPEN, CLOSE, OUT, BACK], { open: 3, close: 4, out: 5 }),
    ['undecided', ['step.back'], 'Not recorded as done: Cushion back.'],
  ],
  [
    'one not done, and one undone: that one speaks',
    at([OPEN, CLOSE, OUT, BACK], { open: 3, out: 6, back: 5 }),
    ['fail', [], 'Undone since: Cushion back.'],
  ],
])('%s', (_, c, whole) => expect(said(c)).toEqual(whole))

test('a second that stands instead of a usual step is noted under that', () => {
  const steps = [OPEN, { ...CLOSE, replaces: 'base-gap' } as MakerStep]
  expect(said(at(steps, { open: 3, 'base-gap': 4 }))[0]).toBe('pass')
  expect(said(at(steps, { open: 3, close: 4 }))).toEqual([
    'undecided',
    ['step.base-gap'],
    'Not recorded as done: Close the flap.',
  ])
})
