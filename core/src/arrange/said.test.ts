import { VehicleId } from '../ground/index.ts'
import { gapText, whyNotThereText, type Names, type WhyNotThere } from '../index.ts'

const names: Names = {
  rider: (id) => `<${id}>`,
  place: (_, id) => `(${id})`,
  model: (id) => id,
  pin: (i) => `pin ${i}`,
}

test.each<[WhyNotThere | undefined, string]>([
  [{ kind: 'driver' }, 'The driver sits here'],
  [{ kind: 'taken' }, 'This place is taken'],
  [{ kind: 'rule', ruleId: 'x', title: 'X', reason: 'No bars here.' }, 'No bars here.'],
  [{ kind: 'nothing-suits' }, 'Nothing on the shelf suits this child'],
  [{ kind: 'beside', facts: [] }, 'Not beside whoever else rides'],
  [
    {
      kind: 'beside',
      facts: [
        { kind: 'child-rides', childId: 'ash' },
        { kind: 'pin', index: 1 },
      ],
    },
    'Not together with: <ash> rides; pin 1',
  ],
  [undefined, 'Not with everybody else in the car'],
])('why not there: %j', (why, text) => {
  expect(whyNotThereText(why, VehicleId('car'), names)).toBe(text)
})

test.each([
  [{ level: 'rearwardMonthsLost', found: 12, bound: 4 }, 'Not searched to the end. Months facing rearward given up: 12 found, 4 at best.'],
  [{ level: 'marginMm', found: undefined, bound: 30 }, 'Not searched to the end. Room side by side, in mm: not known found, 30 at best.'],
] as const)('stopped before the end: %j', (gap, text) => {
  expect(gapText(gap)).toBe(text)
}) // prettier-ignore
