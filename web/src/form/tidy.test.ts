import { tidy, tidyModel, tidyVehicle } from './tidy.ts'

test.each([
  ['', undefined],
  ['  word ', 'word'],
  [Number.NaN, undefined],
  [0, 0],
  [false, false],
  [{ from: '', to: undefined }, undefined],
  [{ from: 9, to: '' }, { from: 9 }],
  [[], []],
  [
    [{ id: '' }, '', 'x'],
    [{}, 'x'],
  ],
  [null, undefined],
])('%j is tidied to %j', (value, tidied) => expect(tidy(value)).toEqual(tidied))

test('what belongs to another kind goes with the kind that was left', () => {
  const model = tidyModel({
    modes: [
      {
        approval: { regulation: 'R129', series: '03', groups: ['I'], approvedYear: 2018 },
        strap: { adjuster: { kind: 'stepless', fromMm: 230, toMm: 400, heightsMm: [200] } },
        reclines: [],
        routes: [{ belt: { lock: { kind: 'locking-clip', fromTongueMm: 20, side: 'door-side', section: '' } } }],
      },
    ],
  })
  expect(model).toEqual({
    modes: [
      {
        approval: { regulation: 'R129', series: '03' },
        strap: { adjuster: { kind: 'stepless', fromMm: 230, toMm: 400 } },
        // An empty list says that there are none.
        reclines: [],
        routes: [{ belt: { lock: { kind: 'locking-clip', fromTongueMm: 20 } } }],
      },
    ],
  })
})

test('a typed quantity of a car was measured; one with its own source keeps it; an empty one goes', () => {
  const cushion = {
    slopeDeg: { value: 12, plusMinus: '' },
    depthMm: { value: 480, source: 'told' },
    frontEdgeAboveFloorMm: { value: '' },
  }
  expect(tidyVehicle({ positions: [{ id: 'rear', cushion }] })).toEqual({
    positions: [
      { id: 'rear', cushion: { slopeDeg: { value: 12, source: 'measured' }, depthMm: { value: 480, source: 'told' } } },
    ],
  })
})

test.each([
  ['a step', { modes: [{ routes: [{ steps: [{ text: '' }] }] }] }, { modes: [{ routes: [{ steps: [{ id: 'step-1' }] }] }] }], // prettier-ignore
  ['a proof', { modes: [{ routes: [{ leg: { proofs: [{ what: '' }] } }] }] }, { modes: [{ routes: [{ leg: { proofs: [{ id: 'proof-1' }] } }] }] }], // prettier-ignore
])('%s that was added and not filled in stays, so that it is asked for: an empty list would say that there are none', (_, draft, tidied) => {
  expect(tidyModel(draft)).toEqual(tidied)
}) // prettier-ignore
test('a point of a car that was added and not filled in stays too', () => {
  expect(tidyVehicle({ positions: [{ id: 'p', lowerTetherPoints: [{}] }] })).toEqual({
    positions: [{ id: 'p', lowerTetherPoints: [{}] }],
  })
})
