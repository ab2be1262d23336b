import { FIXTURES, FIXTURES_OF, layoutPositions } from '@nimble-anchor/core/vehicle'
import { answer, flag, many, number, pick, same, set, text, type FieldSpec, type PartSpec } from '../form/spec.ts'

/** The fields of a car in the order a fitter walks round it; what is left open stays unknown. */

const quantity = (key: string, label: string, unit: string): FieldSpec => ({ key, label, kind: 'quantity', unit })

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
  text('note', 'Note'),
]

export const PLACE_FIELDS: readonly FieldSpec[] = [
  text('label', 'Name of the place'),
  number('row', 'Row, 1 is the front', ''),
  pick('side', 'Side', same(['left', 'centre', 'right'])),
  number('lateralCentreMm', 'Centre, right of the middle is +', 'mm'),
  number('widthMm', 'Width', 'mm'),
  pick('facing', 'Seat faces', same(['forward', 'rearward', 'sideways']), true),
  pick('doorSide', 'Door', same(['left', 'right', 'both', 'none']), true),
  pick(
    'frontAirbag',
    'Frontal airbag',
    same(['none', 'can-be-switched-off', 'cannot-be-switched-off', 'automatic']),
    true,
  ),
  pick('headRestraint', 'Head restraint', same(['none', 'removable', 'adjustable', 'fixed']), true),
  quantity('headRestraintTopMm', 'Its top above the cushion', 'mm'),
  number('backrestDeg', 'Backrest from vertical', '°'),
  flag('isDriverSeat', 'Driver’s seat'),
  text('note', 'Note'),
]

export const PLACE_PARTS: readonly PartSpec[] = [
  {
    key: 'belt',
    label: 'Belt looked at',
    fields: [
      pick('kind', 'Belt', [
        ['three-point', 'three-point'],
        ['lap', 'lap only'],
        ['none', 'none'],
      ]),
      pick('retractor', 'Retractor', same(['emergency-locking', 'switchable', 'static']), true),
      pick('buckleStalk', 'Buckle stalk', same(['stiff', 'flexible']), true),
      pick('buckleSide', 'Buckle of a middle place, on the', same(['left', 'right']), true),
      quantity('usableLengthMm', 'Usable belt', 'mm'),
      quantity('buckleTopMm', 'Top of the buckle above the bight', 'mm'),
    ],
  },
  {
    key: 'isofix',
    label: 'ISOFIX looked for',
    fields: [
      pick('bars', 'Bars', same(['visible', 'recessed', 'none'])),
      pick('easierSide', 'Easier to reach', same(['left', 'right']), true),
      number('maxTotalMassKg', 'Handbook’s own limit, child and restraint', 'kg'),
    ],
  },
  {
    key: 'tether',
    label: 'Top tether looked for',
    fields: [
      pick('where', 'Anchorage', same(['none', 'seat-back', 'shelf', 'load-floor', 'roof', 'under-seat'])),
      quantity('pathLengthMm', 'Path from the restraint', 'mm'),
      text('note', 'How to find it'),
    ],
  },
  {
    key: 'floor',
    label: 'Floor looked under',
    fields: [
      pick('kind', 'Floor', [
        ['solid', 'solid'],
        ['box-not-allowed', 'box that may not bear a leg'],
        ['box-allowed-when-propped', 'box, allowed filled or propped'],
        ['none', 'no floor'],
      ]),
      answer('matRemovable', 'Mat comes out'),
      answer('matMayStay', 'Handbook lets a leg stand on the mat'),
    ],
  },
  {
    key: 'cushion',
    label: 'Cushion measured',
    fields: [
      quantity('slopeDeg', 'Slope, front edge higher is +', '°'),
      quantity('depthMm', 'Depth', 'mm'),
      quantity('frontEdgeAboveFloorMm', 'Front edge above the bare floor', 'mm'),
    ],
  },
]

export const ROOM_FIELDS: readonly FieldSpec[] = [
  quantity('frontClearanceMm', 'Backrest to the seat in front, tallest driver', 'mm'),
  number('frontSeatRangeMm.fullyBackMm', 'The same, that seat fully back', 'mm'),
  number('frontSeatRangeMm.fullyForwardMm', 'and fully forward', 'mm'),
  set('obstacles', 'In the way', [
    ['centre-console', 'a centre console'],
    ['removable-console', 'a console that comes out'],
    ['tunnel', 'a tunnel'],
    ['raised-floor', 'a raised floor'],
  ]),
]

type Options = NonNullable<FieldSpec['options']>
/** What a place has to do with the others of its car. */
export const besideFields = (others: Options): readonly FieldSpec[] => [
  pick('airbagOf', 'Covered by the airbag of', others, true),
  many('reachedPast', 'Reached past', others),
]
export const sharedFields = (others: Options): readonly FieldSpec[] => [
  pick('part', 'What', [
    ['bars', 'the ISOFIX bars'],
    ['tether', 'the tether anchorage'],
    ['buckle', 'room for one buckle alone'],
    ['buckle-covered', 'its buckle, covered by what stands on'],
    ['rails', 'rails for lower tethers'],
  ]),
  pick('positionId', 'With', others),
]
export const ROW_FIELDS: readonly FieldSpec[] = [
  number('row', 'Row, 1 is the front', ''),
  number('trimLeftMm', 'Middle of the car to the left trim', 'mm'),
  number('trimRightMm', 'to the right trim', 'mm'),
]

/** Whether it slides, and where the handbook wants it under a restraint. */
export const TRACK_PART: PartSpec = {
  key: 'slidingTrack',
  label: 'Seat or bench slides',
  canBeNone: true,
  fields: [number('travelMm', 'By', 'mm'), text('handbookSetting', 'Where the handbook wants it')],
}

export const GROUPS = ['0', '0+', 'I', 'II', 'III'] as const
export const LETTERS = ['U', 'UF', 'L', 'B', 'X'] as const

export const ISOFIX_LETTERS: readonly FieldSpec[] = [
  pick('handbook.isofix', 'ISOFIX', same(['IUF', 'IL', 'X']), true),
  pick('handbook.iSize', 'i-Size', [['i-U', 'i-U'], ['i-UF', 'i-UF'], ['X', 'X']], true), // prettier-ignore
  set(
    'handbook.fixtures',
    'Fixtures',
    FIXTURES.map((f) => [f, f]),
  ),
  answer('handbook.table.universalBelted', 'Newer table: universal belted'),
  answer('handbook.table.legPermitted', 'Newer table: leg permitted'),
  number('handbook.table.placeNumber', 'Newer table: number of the place', ''),
  pick('handbook.table.rearward', 'Newer table: largest rearward', same([...FIXTURES_OF.rearward, 'none']), true),
  pick('handbook.table.forward', 'Newer table: largest forward', same([...FIXTURES_OF.forward, 'none']), true),
  pick('handbook.table.lateral', 'Newer table: largest lying across', same([...FIXTURES_OF.lateral, 'none']), true),
  pick('handbook.table.booster', 'Newer table: largest booster', same([...FIXTURES_OF.booster, 'none']), true),
  pick('handbook.forwardAirbag', 'Airbag in front of a forward-facing child', same(['on', 'off', 'either']), true),
  answer('handbook.automaticCutOffCounts', 'Automatic cut-off counts as off'),
]

export const LOWER_TETHER_FIELDS: readonly FieldSpec[] = [
  pick('kind', 'Point', [
    ['fixed-runner', 'a fixed runner'],
    ['moving-frame', 'the moving frame of the seat'],
    ['ring', 'a ring'],
    ['seat-leg', 'a leg of the seat'],
    ['boxed-in', 'boxed in: nothing to fasten to'],
  ]),
  pick('side', 'Side', same(['left', 'right'])),
]

export const NEW_VEHICLE = {
  id: 'new',
  maker: '',
  model: '',
  positions: layoutPositions('five-seater', undefined),
}
