import { ModelId, Sequence } from '@nimble-anchor/core/ground'
import { buildModel, buildUnit, buildVehicle } from '@nimble-anchor/core/testing'
import { changeText } from './changeText.ts'

test.each([
  [['child', 'massKg'], null, { value: 10.4, plusMinus: 0.1, source: 'measured' }, 'Mass: nothing, now 10.4 ± 0.1 kg'],
  [['child', 'massKg'], { value: 10.4, source: 'told' }, null, 'Mass: 10.4 kg, told, now nothing'],
  [
    ['child', 'seatedShoulderHeightMm'],
    null,
    { from: 280, to: 300, source: 'estimated' },
    'Seated shoulder height: nothing, now 290 ± 10 mm, estimated',
  ],
  [['child', 'needsPostureSpecialist'], null, false, 'Medical posture needs: nothing, now no'],
  [['child', 'dateOfBirth'], '2025-01-01', '2025-02-01', 'Date of birth: 2025-01-01, now 2025-02-01'],
  [['settings', 'recline'], { value: '1', at: Sequence(3) }, { value: '2', at: Sequence(5) }, 'Recline: 1, now 2'],
  [['settings', 'insertsIn'], null, { value: [], at: Sequence(5) }, 'Inserts in: nothing, now none'],
  [['settings', 'wedge'], null, { value: true, at: Sequence(5) }, 'Wedge: nothing, now yes'],
  [
    ['readings', 'latch-right'],
    { option: 'open', at: Sequence(3) },
    { option: 'latched', at: Sequence(4) },
    'Right indicator: shows open, now shows latched',
  ],
  [
    ['readings', 'latch-right'],
    null,
    { before: 'open', at: Sequence(4) },
    'Right indicator: nothing, now before latching shows open',
  ],
  [
    ['readings', 'slack-mm'],
    null,
    { number: { value: 10, plusMinus: 2, source: 'measured' }, at: Sequence(4) },
    'Harness slack: nothing, now 10 ± 2 mm',
  ],
  [
    ['readings', 'slack-mm'],
    null,
    { number: { value: 10, plusMinus: 1.5, source: 'instrument' }, at: Sequence(4) },
    'Harness slack: nothing, now 10 ± 1.5 mm, instrument',
  ],
  [['disturbances', 'base'], null, { at: Sequence(4) }, 'Recorded: base moved'],
  [['disturbances', 'base'], { at: Sequence(4) }, null, 'No longer recorded: base moved'],
  [
    ['redone', 'latch-left'],
    null,
    [{ from: 3, at: Sequence(4) }],
    'Left indicator: was bad and corrected, so what depends on it is checked again',
  ],
  [['redone', 'latch-left'], [{ from: 3, at: Sequence(4) }], null, 'Left indicator: no longer counts as corrected'],
  [['takenAway', 'latch-left'], null, { at: Sequence(4) }, 'Left indicator: the bad note is remembered'],
  [['takenAway', 'latch-left'], { at: Sequence(4) }, null, 'Left indicator: recorded again'],
  [['childChanged', 'massKg'], { at: Sequence(4) }, null, 'Mass: back as it was'],
  [
    ['choice'],
    { at: Sequence(0) },
    { modelId: ModelId('halyard'), modeId: 'rearward', at: Sequence(2) },
    'Choice: nothing, now halyard · rearward',
  ],
  [['vehicle', 'rear-left', 'floor'], null, { kind: 'solid' }, 'floor: nothing, now solid'],
  [['vehicle'], null, buildVehicle(), 'Car: nothing, now Corran Plover'],
  [['restraints'], [], [buildModel()], 'Restraints considered: none, now Halyard'],
  [['units'], null, [buildUnit()], 'Units considered: nothing, now HY-1'],
  [['today'], '2026-11-25', '2026-11-26', 'Judged for: 2026-11-25, now 2026-11-26'],
  [['handover'], null, { fitterName: 'Jory', carerName: 'Maren', signedAt: 'x' }, 'Signed: nothing, now Jory, Maren'],
])('%j in words', (path, from, to, text) => {
  expect(changeText({ path, from, to })).toBe(text)
})
