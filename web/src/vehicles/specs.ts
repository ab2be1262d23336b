import { FIXTURES, FIXTURES_OF, layoutPositions } from '@nimble-anchor/core/vehicle'
import { answer, flag, many, number, pick, same, set, text, type FieldSpec, type PartSpec } from '../form/spec.ts'
import * as msg from './messages.en.ts'

/** The fields of a car in the order a fitter walks round it; what is left open stays unknown. */

const quantity = (key: string, label: string, unit: string): FieldSpec => ({ key, label, kind: 'quantity', unit })

export const VEHICLE_FIELDS: readonly FieldSpec[] = [
  text('maker', msg.maker),
  text('model', msg.model),
  text('plate', msg.plate),
  number('builtFrom', msg.builtFromYear, ''),
  number('builtTo', msg.builtToYear, ''),
  pick('driverSide', msg.driverSits, [
    ['left', msg.onTheLeft],
    ['right', msg.onTheRight],
  ]),
  text('note', msg.note),
]

export const PLACE_FIELDS: readonly FieldSpec[] = [
  text('label', msg.nameOfThePlace),
  number('row', msg.row1IsTheFront, ''),
  pick('side', msg.side, same(['left', 'centre', 'right'])),
  number('lateralCentreMm', msg.centreRightOfTheMiddle, 'mm'),
  number('widthMm', msg.width, 'mm'),
  pick('facing', msg.seatFaces, same(['forward', 'rearward', 'sideways']), true),
  pick('doorSide', msg.door, same(['left', 'right', 'both', 'none']), true),
  pick(
    'frontAirbag',
    msg.frontalAirbag,
    same(['none', 'can-be-switched-off', 'cannot-be-switched-off', 'automatic']),
    true,
  ),
  pick('headRestraint', msg.headRestraint, same(['none', 'removable', 'adjustable', 'fixed']), true),
  quantity('headRestraintTopMm', msg.itsTopAboveTheCushion, 'mm'),
  number('backrestDeg', msg.backrestFromVertical, '°'),
  flag('isDriverSeat', msg.driversSeat),
  text('note', msg.note),
]

export const PLACE_PARTS: readonly PartSpec[] = [
  {
    key: 'belt',
    label: msg.beltLookedAt,
    fields: [
      pick('kind', msg.belt, [
        ['three-point', 'three-point'],
        ['lap', msg.lapOnly],
        ['none', 'none'],
      ]),
      pick('retractor', msg.retractor, same(['emergency-locking', 'switchable', 'static']), true),
      pick('buckleStalk', msg.buckleStalk, same(['stiff', 'flexible']), true),
      pick('buckleSide', msg.buckleOfAMiddlePlace, same(['left', 'right']), true),
      quantity('usableLengthMm', msg.usableBelt, 'mm'),
      quantity('buckleTopMm', msg.topOfTheBuckleAbove, 'mm'),
    ],
  },
  {
    key: 'isofix',
    label: msg.isofixLookedFor,
    fields: [
      pick('bars', msg.bars, same(['visible', 'recessed', 'none'])),
      pick('easierSide', msg.easierToReach, same(['left', 'right']), true),
      number('maxTotalMassKg', msg.handbooksOwnLimitChildAnd, 'kg'),
    ],
  },
  {
    key: 'tether',
    label: msg.topTetherLookedFor,
    fields: [
      pick('where', msg.anchorage, same(['none', 'seat-back', 'shelf', 'load-floor', 'roof', 'under-seat'])),
      quantity('pathLengthMm', msg.pathFromTheRestraint, 'mm'),
      text('note', msg.howToFindIt),
    ],
  },
  {
    key: 'floor',
    label: msg.floorLookedUnder,
    fields: [
      pick('kind', msg.floor, [
        ['solid', 'solid'],
        ['box-not-allowed', msg.boxThatMayNotBear],
        ['box-allowed-when-propped', msg.boxAllowedFilledOrPropped],
        ['none', msg.noFloor],
      ]),
      answer('matRemovable', msg.matComesOut),
      answer('matMayStay', msg.handbookLetsALegStand),
    ],
  },
  {
    key: 'cushion',
    label: msg.cushionMeasured,
    fields: [
      quantity('slopeDeg', msg.slopeFrontEdgeHigherIs, '°'),
      quantity('depthMm', msg.depth, 'mm'),
      quantity('frontEdgeAboveFloorMm', msg.frontEdgeAboveTheBare, 'mm'),
    ],
  },
]

export const ROOM_FIELDS: readonly FieldSpec[] = [
  quantity('frontClearanceMm', msg.backrestToTheSeatIn, 'mm'),
  number('frontSeatRangeMm.fullyBackMm', msg.theSameThatSeatFully, 'mm'),
  number('frontSeatRangeMm.fullyForwardMm', msg.andFullyForward, 'mm'),
  set('obstacles', msg.inTheWay, [
    ['centre-console', msg.aCentreConsole],
    ['removable-console', msg.aConsoleThatComesOut],
    ['tunnel', msg.aTunnel],
    ['raised-floor', msg.aRaisedFloor],
  ]),
]

type Options = NonNullable<FieldSpec['options']>
/** What a place has to do with the others of its car. */
export const besideFields = (others: Options): readonly FieldSpec[] => [
  pick('airbagOf', msg.coveredByTheAirbagOf, others, true),
  many('reachedPast', msg.reachedPast, others),
]
export const sharedFields = (others: Options): readonly FieldSpec[] => [
  pick('part', msg.what, [
    ['bars', msg.theIsofixBars],
    ['tether', msg.theTetherAnchorage],
    ['buckle', msg.roomForOneBuckleAlone],
    ['buckle-covered', msg.itsBuckleCoveredByWhat],
    ['rails', msg.railsForLowerTethers],
  ]),
  pick('positionId', msg.withWord, others),
]
export const ROW_FIELDS: readonly FieldSpec[] = [
  number('row', msg.row1IsTheFront, ''),
  number('trimLeftMm', msg.middleOfTheCarTo, 'mm'),
  number('trimRightMm', msg.toTheRightTrim, 'mm'),
]

/** Whether it slides, and where the handbook wants it under a restraint. */
export const TRACK_PART: PartSpec = {
  key: 'slidingTrack',
  label: msg.seatOrBenchSlides,
  canBeNone: true,
  fields: [number('travelMm', msg.by, 'mm'), text('handbookSetting', msg.whereTheHandbookWantsIt)],
}

export const GROUPS = ['0', '0+', 'I', 'II', 'III'] as const
export const LETTERS = ['U', 'UF', 'L', 'B', 'X'] as const

export const ISOFIX_LETTERS: readonly FieldSpec[] = [
  pick('handbook.isofix', 'ISOFIX', same(['IUF', 'IL', 'X']), true),
  pick('handbook.iSize', 'i-Size', [['i-U', 'i-U'], ['i-UF', 'i-UF'], ['X', 'X']], true), // prettier-ignore
  set(
    'handbook.fixtures',
    msg.fixtures,
    FIXTURES.map((f) => [f, f]),
  ),
  answer('handbook.table.universalBelted', msg.newerTableUniversalBelted),
  answer('handbook.table.legPermitted', msg.newerTableLegPermitted),
  number('handbook.table.placeNumber', msg.newerTableNumberOfThe, ''),
  pick('handbook.table.rearward', msg.newerTableLargestRearward, same([...FIXTURES_OF.rearward, 'none']), true),
  pick('handbook.table.forward', msg.newerTableLargestForward, same([...FIXTURES_OF.forward, 'none']), true),
  pick('handbook.table.lateral', msg.newerTableLargestLyingAcross, same([...FIXTURES_OF.lateral, 'none']), true),
  pick('handbook.table.booster', msg.newerTableLargestBooster, same([...FIXTURES_OF.booster, 'none']), true),
  pick('handbook.forwardAirbag', msg.airbagInFrontOfA, same(['on', 'off', 'either']), true),
  answer('handbook.automaticCutOffCounts', msg.automaticCutOffCountsAs),
]

export const LOWER_TETHER_FIELDS: readonly FieldSpec[] = [
  pick('kind', msg.point, [
    ['fixed-runner', msg.aFixedRunner],
    ['moving-frame', msg.theMovingFrameOfThe],
    ['ring', msg.aRing],
    ['seat-leg', msg.aLegOfTheSeat],
    ['boxed-in', msg.boxedInNothingToFasten],
  ]),
  pick('side', msg.side, same(['left', 'right'])),
]

export const NEW_VEHICLE = {
  id: 'new',
  maker: '',
  model: '',
  positions: layoutPositions('five-seater', undefined),
}
