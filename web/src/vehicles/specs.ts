import { FIXTURES, layoutPositions } from '@nimble-anchor/core'
import { flag, number, pick, same, text, type FieldSpec, type PartSpec } from '../form/spec.ts'

/** The fields of a car in the order a fitter walks round it; what is left open stays unknown. */

const quantity = (key: string, label: string, unit: string): readonly FieldSpec[] => [
  number(`${key}.value`, label, unit),
  number(`${key}.plusMinus`, '±', unit),
]

export const VEHICLE_FIELDS: readonly FieldSpec[] = [
  text('maker', 'Maker'),
  text('model', 'Model'),
  text('plate', 'Plate'),
  number('builtFrom', 'Built from (year)', ''),
  number('builtTo', 'Built to (year)', ''),
  pick('driverSide', 'Driver sits', [
    ['left', 'on the left'],
    ['right', 'on the right'],
  ]),
]

export const PLACE_FIELDS: readonly FieldSpec[] = [
  text('label', 'Name of the place'),
  number('row', 'Row, 1 is the front', ''),
  pick('side', 'Side', same(['left', 'centre', 'right'])),
  number('lateralCentreMm', 'Centre, right of the middle is +', 'mm'),
  number('widthMm', 'Width', 'mm'),
  pick('facing', 'Seat faces', same(['forward', 'rearward', 'sideways'])),
  pick('doorSide', 'Door', same(['left', 'right', 'both', 'none']), true),
  pick('frontAirbag', 'Frontal airbag', same(['none', 'can-be-switched-off', 'cannot-be-switched-off']), true),
  pick('headRestraint', 'Head restraint', same(['none', 'removable', 'adjustable', 'fixed']), true),
  ...quantity('headRestraintTopMm', 'Its top above the cushion', 'mm'),
  number('backrestDeg', 'Backrest from vertical', '°'),
  flag('isDriverSeat', 'Driver’s seat'),
]

export const PLACE_PARTS: readonly PartSpec[] = [
  {
    key: 'belt',
    label: 'Belt looked at',
    start: { kind: 'three-point' },
    fields: [
      pick('kind', 'Belt', [
        ['three-point', 'three-point'],
        ['lap', 'lap only'],
        ['none', 'none'],
      ]),
      pick('retractor', 'Retractor', same(['emergency-locking', 'switchable', 'static']), true),
      pick('buckleStalk', 'Buckle stalk', same(['stiff', 'flexible']), true),
      ...quantity('usableLengthMm', 'Usable belt', 'mm'),
      ...quantity('buckleTopMm', 'Top of the buckle above the bight', 'mm'),
    ],
  },
  {
    key: 'isofix',
    label: 'ISOFIX looked for',
    start: { bars: 'recessed' },
    fields: [
      pick('bars', 'Bars', same(['visible', 'recessed', 'none'])),
      pick('easierSide', 'Easier to reach', same(['left', 'right']), true),
      number('maxTotalMassKg', 'Handbook’s own limit, child and restraint', 'kg'),
    ],
  },
  {
    key: 'tether',
    label: 'Top tether looked for',
    start: { where: 'seat-back' },
    fields: [
      pick('where', 'Anchorage', same(['none', 'seat-back', 'shelf', 'load-floor', 'roof', 'under-seat'])),
      ...quantity('pathLengthMm', 'Path from the restraint', 'mm'),
      text('note', 'How to find it'),
    ],
  },
  {
    key: 'floor',
    label: 'Floor looked under',
    start: { kind: 'solid' },
    fields: [
      pick('kind', 'Floor', [
        ['solid', 'solid'],
        ['box-not-allowed', 'box that may not bear a leg'],
        ['box-allowed-when-propped', 'box, allowed filled or propped'],
        ['none', 'no floor'],
      ]),
      flag('matRemovable', 'Mat comes out'),
    ],
  },
  {
    key: 'cushion',
    label: 'Cushion measured',
    start: {},
    fields: [
      ...quantity('slopeDeg', 'Slope, front edge higher is +', '°'),
      ...quantity('depthMm', 'Depth', 'mm'),
      ...quantity('frontEdgeAboveFloorMm', 'Front edge above the bare floor', 'mm'),
    ],
  },
]

export const ROOM_FIELDS: readonly FieldSpec[] = [
  ...quantity('frontClearanceMm', 'Backrest to the seat in front, tallest driver', 'mm'),
  number('frontSeatRangeMm.fullyBackMm', 'The same, that seat fully back', 'mm'),
  number('frontSeatRangeMm.fullyForwardMm', 'and fully forward', 'mm'),
  number('slidingTrack.travelMm', 'Seat slides by', 'mm'),
  text('slidingTrack.handbookSetting', 'Where the handbook wants it'),
  { key: 'obstacles', label: 'Obstacles (centre-console removable-console tunnel raised-floor)', kind: 'words' },
]

export const GROUPS = ['0', '0+', 'I', 'II', 'III'] as const
export const LETTERS = ['U', 'UF', 'L', 'B', 'X'] as const

export const ISOFIX_LETTERS: readonly FieldSpec[] = [
  pick('handbook.isofix', 'ISOFIX', same(['IUF', 'IL', 'X']), true),
  pick('handbook.iSize', 'i-Size', [['i-U', 'i-U'], ['i-UF', 'i-UF'], ['X', 'X']], true), // prettier-ignore
  { key: 'handbook.fixtures', label: `Fixtures (${FIXTURES.join(' ')})`, kind: 'words' },
]

export const NEW_VEHICLE = {
  id: 'new',
  maker: '',
  model: '',
  driverSide: 'right' as const,
  positions: layoutPositions('five-seater', 'right'),
}
