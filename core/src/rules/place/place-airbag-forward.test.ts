import { Sequence } from '../../ground/index.ts'
import { ask, buildCase, buildPosition, FORWARD, kindOf, TETHER_ROUTE } from '../../../test/build.ts'
import type { SeatingPosition } from '../../index.ts'

type Word = 'on' | 'off' | 'either' | undefined
const at = (
  handbook: Word,
  manual: Word,
  airbag: SeatingPosition['frontAirbag'] = 'can-be-switched-off',
  counts?: boolean,
) =>
  buildCase({
    mode: FORWARD,
    route: { ...TETHER_ROUTE, ...(manual && { frontAirbag: manual }) },
    position: {
      row: 1,
      frontAirbag: airbag,
      handbook: { ...buildPosition().handbook, forwardAirbag: handbook, automaticCutOffCounts: counts },
    },
  })

test.each<[Word, Word, string]>([
  ['on', 'on', 'pass'],
  ['on', 'either', 'pass'],
  ['either', 'off', 'pass'],
  ['either', 'either', 'pass'],
  ['on', 'off', 'undecided'],
  [undefined, 'on', 'undecided'],
  ['on', undefined, 'undecided'],
])('place-airbag-forward: handbook %s, manual %s: %s', (handbook, manual, kind) => {
  expect(kindOf('place-airbag-forward', at(handbook, manual))).toBe(kind)
})

test.each<[SeatingPosition['frontAirbag'], boolean | undefined, string]>([
  ['none', undefined, 'pass'],
  ['can-be-switched-off', undefined, 'pass'],
  ['cannot-be-switched-off', undefined, 'fail'],
  ['automatic', undefined, 'undecided'],
  ['automatic', true, 'pass'],
  ['automatic', false, 'fail'],
])('to be off, airbag %s, cut-off counts %s: %s', (airbag, counts, kind) => {
  expect(kindOf('place-airbag-forward', at('off', 'off', airbag, counts))).toBe(kind)
})

test.each([
  [true, 'pass'],
  [false, 'fail'],
  [undefined, 'undecided'],
])('before a rearward child an automatic cut-off counts where the handbook says %s: %s', (counts, kind) => {
  const position = {
    row: 1,
    frontAirbag: 'automatic' as const,
    handbook: { ...buildPosition().handbook, automaticCutOffCounts: counts },
  }
  expect(ask('place-airbag', buildCase({ position }))).toMatchObject({
    kind,
    ...(kind === 'undecided' && { missing: ['position.handbook'] }),
  })
})

test('in the back, and rearward, it is not asked', () => {
  expect(kindOf('place-airbag-forward', buildCase({ mode: FORWARD, route: TETHER_ROUTE }))).toBe('not-applicable')
  expect(kindOf('place-airbag-forward', buildCase({ position: { row: 1, frontAirbag: 'none' } }))).toBe(
    'not-applicable',
  )
})

test.each([
  ['on', 'off-seen', 'fail'],
  ['on', 'on', 'pass'],
  ['off', 'off-seen', 'pass'],
  ['off', 'on', 'fail'],
] as const)('the lamp: to be %s, seen %s: %s', (word, option, kind) => {
  const c = { ...at(word, word), readings: { 'airbag-lamp': { option, at: Sequence(3) } } }
  expect(kindOf('airbag-lamp', c)).toBe(kind)
})
