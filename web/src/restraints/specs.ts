import { DIRECTION_WORD, HEAD_RULES, R44_GROUPS, RETRACTORS, STRAP_RULES } from '@nimble-anchor/core/restraint'
import { STEPS_EN } from '@nimble-anchor/core/procedure'
import { FIXTURES } from '@nimble-anchor/core/vehicle'
import { answer, many, number, pick, same, sentence, set, text, type FieldSpec, type PartSpec } from '../form/spec.ts'
import * as msg from './messages.en.ts'

/** The fields of a restraint in the order a fitter reads a manual: labels and units beside the names of the format. */

export const MODEL_FIELDS: readonly FieldSpec[] = [
  text('maker', msg.maker),
  text('name', msg.name),
  number('massKg', msg.massOfTheRestraint, 'kg'),
  number('lifeYears', msg.mayBeUsedFor, 'years'),
  { key: 'tags', label: msg.badgesBeyondTheApprovalIn, kind: 'words' },
  pick(
    'directionChange',
    msg.changesDirectionBy,
    [
      ['turns-on-base', msg.turningOnItsBase],
      ['lifts-off', msg.liftingOffSettingRound],
      ['re-installed', msg.installingItAgain],
    ],
    true,
  ),
  text('variant.label', msg.variant),
  text('variant.madeFrom', msg.variantMadeFromDay),
  text('variant.madeUntil', msg.variantMadeUntilDay),
  text('note', msg.note),
]

export const MODE_FIELDS: readonly FieldSpec[] = [
  text('label', msg.nameOfTheMode),
  pick('shape', msg.shape, [
    ['infant-shell', msg.infantShell],
    ['lie-flat', 'lie-flat'],
    ['seat', 'seat'],
    ['booster-seat', msg.boosterWithABack],
    ['booster-cushion', msg.boosterCushion],
  ]),
  pick('direction', msg.direction, Object.entries(DIRECTION_WORD)),
  pick('heldBy', msg.childHeldBy, [
    ['harness', msg.itsOwnHarness],
    ['shield', msg.aShield],
    ['vehicle-belt', msg.theCarsBelt],
  ]),
  text('note', msg.note),
]

export const R44_FIELDS: readonly FieldSpec[] = [
  pick('approval.series', msg.series, same(['01', '02', '03', '04'])),
  set(
    'approval.groups',
    msg.groups,
    R44_GROUPS.map((g) => [g, g]),
  ),
  number('approval.approvedYear', msg.yearOnTheLabel, ''),
]
export const R129_FIELDS: readonly FieldSpec[] = [
  pick('approval.series', msg.series, same(['00', '01', '02', '03', '04'])),
]

export const RANGE_FIELDS: readonly FieldSpec[] = [
  number('massKg.from', msg.massFrom, 'kg'),
  number('massKg.to', msg.massTo, 'kg'),
  number('statureCm.from', msg.statureFrom, 'cm'),
  number('statureCm.to', msg.statureTo, 'cm'),
  number('ageMonths.from', msg.ageFrom, 'months'),
  number('ageMonths.to', msg.ageTo, 'months'),
  number('aboutAgeMonths.from', msg.printedAboutFromBindsNothing, 'months'),
  number('aboutAgeMonths.to', msg.printedAboutToBindsNothing, 'months'),
]

export const BODY_FIELDS: readonly FieldSpec[] = [
  pick('headRule', msg.headRule, same(HEAD_RULES), true),
  number('shellEdgeMm', msg.shellEdgeAboveTheSeat, 'mm'),
  number('widthMm', msg.width, 'mm'),
  number('shellLengthMm', msg.shellLength, 'mm'),
  number('footFromBackrestMm', msg.footFromTheBackrest, 'mm'),
  number('sitAboveCushionMm', msg.seatSurfaceAboveTheCars, 'mm'),
  number('slidesOnBaseMm', msg.shellSlidesOnItsBase, 'mm'),
  answer('sidePod', msg.podForTheDoorSide),
  answer('crotchBeltGuide', msg.guideBetweenTheLegsBoosters),
  pick('extraWidthMm.side', msg.widerWithACupHolder, same(['left', 'right', 'both']), true),
  number('extraWidthMm.mm', msg.widerBy, 'mm'),
]

/** What the maker gives a figure for where a school has one too: the maker’s stands. */
export const MAKERS_FIGURES: readonly FieldSpec[] = [
  number('targetAngleDeg.from', msg.shellAngleFrom, '°'),
  number('targetAngleDeg.to', msg.shellAngleTo, '°'),
  number('slackMm.fromMm', msg.harnessSlackFrom, 'mm'),
  number('slackMm.toMm', msg.harnessSlackTo, 'mm'),
  number('steadinessMm', msg.movementAtTheBaseTo, 'mm'),
  number('headBelowEdgeMm', msg.headBelowTheEdgeBy, 'mm'),
  number('guideAboveShoulderMm.fromMm', msg.beltGuideAboveTheShoulder, 'mm'),
  number('guideAboveShoulderMm.toMm', msg.beltGuideAboveTheShoulderTo, 'mm'),
  number('beltGuideMm.fromMm', msg.beltGuideGoesFrom, 'mm'),
  number('beltGuideMm.toMm', msg.beltGuideGoesTo, 'mm'),
]

export const MODE_PARTS: readonly PartSpec[] = [
  {
    key: 'angleProof',
    label: msg.makersProofOfTheAngle,
    canBeNone: true,
    fields: [
      pick('kind', msg.shownBy, [
        ['level-line', msg.aLevelLine],
        ['indicator', msg.anIndicator],
        ['fixed-base', msg.aFixedBase],
      ]),
      text('what', msg.whatItShowsWhenGood),
    ],
  },
  {
    key: 'wedge',
    label: msg.wedge,
    canBeNone: true,
    fields: [
      answer('allowed', msg.allowedWithThisMode),
      number('heightMm', msg.height, 'mm'),
      number('baseLengthMm', msg.baseItLiesUnder, 'mm'),
    ],
  },
  {
    key: 'turns',
    label: msg.turnsOnItsBase,
    canBeNone: true,
    fields: [
      answer('forwardGuard', msg.aGuardKeepsItFrom),
      answer('toDoor', msg.theChildIsPutIn),
      number('sweepMm', msg.furthestCornerFromWhatIt, 'mm'),
    ],
  },
  {
    key: 'carryHandle',
    label: msg.carryingHandle,
    canBeNone: true,
    fields: [text('travelPosition', msg.whileTravelling)],
  },
]

export const STRAP_FIELDS: readonly FieldSpec[] = [
  pick('strap.rule', msg.strapRuleWhereNotThe, same(STRAP_RULES), true),
  pick('strap.gauge', msg.gauge, same(['strap-exit', 'head-support-lower-edge']), true),
  number('strap.gaugeAboveExitMm', msg.gaugeAboveTheStrapExit, 'mm'),
  number('strap.justMm', msg.exitOffTheShoulderAt, 'mm'),
]
export const ADJUSTERS = [
  ['', msg.notReadYetOrNone],
  ['slots', 'slots'],
  ['stepless', 'stepless'],
  ['follows-head-support', msg.followsTheHeadSupport],
] as const
export const SLOT_FIELDS: readonly FieldSpec[] = [
  { key: 'strap.adjuster.heightsMm', label: msg.slotHeightsInMmSpaces, kind: 'numbers' },
]
export const SPAN_FIELDS: readonly FieldSpec[] = [
  number('strap.adjuster.fromMm', msg.lowestStrapExit, 'mm'),
  number('strap.adjuster.toMm', msg.highestStrapExit, 'mm'),
]

export const RECLINE_FIELDS: readonly FieldSpec[] = [
  text('label', msg.position),
  number('shellAngleDeg', msg.angleOnALevelSeat, '°'),
  number('flatterInCarUntil.massKg', msg.flatterInTheCarUntil, 'kg'),
  number('flatterInCarUntil.statureCm', msg.orWord, 'cm'),
  number('flatterInCarUntil.ageMonths', msg.orWord, 'months'),
]
export const INSERT_FIELDS: readonly FieldSpec[] = [
  text('name', msg.insert),
  number('thicknessMm', msg.liftsTheChildBy, 'mm'),
  number('requiredUntil.massKg', msg.requiredUntil, 'kg'),
  number('requiredUntil.statureCm', msg.orWord, 'cm'),
  number('requiredUntil.ageMonths', msg.orWord, 'months'),
  number('allowedUntil.massKg', msg.allowedUntil, 'kg'),
  number('allowedUntil.statureCm', msg.orWord, 'cm'),
  number('allowedUntil.ageMonths', msg.orWord, 'months'),
]

export const ROUTE_FIELDS: readonly FieldSpec[] = [
  text('label', msg.nameOfTheRoute),
  pick('scope', msg.approval, [
    ['universal', 'universal'],
    ['i-size', 'i-Size'],
    ['semi-universal', msg.semiUniversalCarsOnA],
    ['vehicle-specific', msg.forNamedCars],
  ]),
  pick('fixture', msg.envelope, same(FIXTURES), true),
  pick('frontSeat', msg.seatOrDashboardBeforeIt, same(['must-touch', 'must-not-touch', 'either']), true),
  answer('usesBase', msg.goesOnABaseThat),
  answer('childFirst', msg.childMaySitInIt),
  answer('gapAccepted.behindBase', msg.makerAcceptsAGapBehind),
  answer('gapAccepted.underBase', msg.makerAcceptsAGapUnder),
  text('rotationHeldBy', msg.heldAgainstRotationByNeither),
  pick('frontAirbag', msg.manualAirbagBeforeAForward, same(['on', 'off', 'either']), true),
  pick('vehicleHeadRestraint', msg.manualVehicleHeadRestraint, same(['on', 'off', 'either']), true),
  number('seatsTaken', msg.placesItTakes1Or, ''),
  text('note', msg.note),
]

export const ROUTE_PARTS: readonly PartSpec[] = [
  {
    key: 'isofix',
    label: msg.isofix,
    canBeNone: true,
    fields: [
      pick('connectors', msg.connectors, same(['rigid', 'strap'])),
      pick('role', msg.they, [
        ['holds', msg.holdTheRestraint],
        ['steadies', msg.onlySteadyIt],
      ]),
      pick('pushedHome', msg.pushedHome, same(['required', 'any-length']), true),
      answer('armsMayRetract', msg.armsMayRunBackIn),
      answer('armsMayCreep', msg.armsCreepInOnThe),
    ],
  },
  {
    key: 'leg',
    label: msg.supportLeg,
    canBeNone: true,
    fields: [
      number('minLengthMm', msg.shortest, 'mm'),
      number('maxLengthMm', msg.longest, 'mm'),
      number('notches', msg.notches, ''),
      number('hingeAboveCushionMm', msg.hingeAboveTheCushionsEdge, 'mm'),
      number('angleFromVerticalDeg', msg.fromVertical, '°'),
      number('maxLiftMm', msg.mayLiftTheBaseBy, 'mm'),
      answer('matMayStay', msg.matMayStayUnderThe),
    ],
  },
  {
    key: 'topTether',
    label: msg.topTether,
    canBeNone: true,
    fields: [
      pick('use', msg.use, same(['required', 'optional'])),
      number('minLengthMm', msg.shortest, 'mm'),
      number('maxLengthMm', msg.longest, 'mm'),
      pick('headRestraintPath', msg.pastTheHeadRestraint, same(['over', 'under', 'round-both-sides', 'free']), true),
      number('goodMm.fromMm', msg.indicatorShowsAtLeast, 'mm'),
      number('goodMm.toMm', msg.atMost, 'mm'),
    ],
  },
  {
    key: 'belt',
    label: msg.vehicleBelt,
    canBeNone: true,
    fields: [
      pick('needs', msg.beltNeeded, same(['three-point', 'three-point-or-lap', 'lap'])),
      number('requiredLengthMm', msg.beltItTakes, 'mm'),
      number('pathEdgeAboveBightMm', msg.pathEdgeAboveTheBight, 'mm'),
      number('sidewaysPlayMm', msg.mayStandSidewaysOffThe, 'mm'),
      pick('lock.kind', msg.lockedBy, [
        ['lock-off', msg.lockOffOnTheRestraint],
        ['locking-clip', msg.looseClip],
        ['switchable-retractor', msg.switchableRetractor],
        ['tension-only', msg.tensionAlone],
        ['free', msg.notLockedABooster],
      ]),
      pick('lock.section', msg.lockOrClipOnThe, same(['lap', 'diagonal', 'both']), true),
      pick('lock.side', msg.lockOffAtThe, same(['buckle-side', 'door-side']), true),
      number('lock.fromTongueMm', msg.clipFromTheTongue, 'mm'),
      set('lock.neededWith', msg.clipNeededWithARetractor, same(RETRACTORS)),
    ],
  },
  {
    key: 'reboundBar',
    label: msg.reboundBar,
    canBeNone: true,
    fields: [answer('hasRatchet', msg.withARatchet)],
  },
  {
    key: 'limits',
    label: msg.limitsOfThisRouteAlone,
    canBeNone: true,
    fields: [
      number('massKg.from', msg.massFrom, 'kg'),
      number('massKg.to', msg.massTo, 'kg'),
      number('statureCm.from', msg.statureFrom, 'cm'),
      number('statureCm.to', msg.statureTo, 'cm'),
    ],
  },
  {
    key: 'lowerTethers',
    label: msg.lowerTethers,
    canBeNone: true,
    fields: [
      pick('use', msg.use, same(['required', 'optional'])),
      number('lengthMm', msg.length, 'mm'),
      pick('lead', msg.lead, same(['crossed', 'straight', 'either']), true),
      set('points', msg.mayBeFastenedTo, [
        ['fixed-runner', msg.aFixedRunner],
        ['moving-frame', msg.theMovingFrameOfThe],
        ['ring', msg.aRing],
        ['seat-leg', msg.aLegOfTheSeat],
      ]),
    ],
  },
]

export const GUIDE_FIELDS: readonly FieldSpec[] = [
  pick('section', msg.section, same(['lap', 'diagonal', 'both'])),
  text('mark', msg.mark),
  pick('side', msg.side, same(['left', 'right', 'buckle-side', 'door-side', 'centre'])),
  pick('how', msg.how, same(['over', 'under', 'through'])),
  pick('place', msg.beltOfThePlaceAt, same(['head-end', 'foot-end']), true),
]

/** Where a step of the maker's own stands, by the usual step that it goes with. */
const WHERE = Object.entries(STEPS_EN).map(([id, { title }]) => [id, title] as const)
const PROOF_KINDS = same([
  'window', 'click', 'loud-last-click', 'clicks-cease', 'button-springs-back', 'line-in-sight', 'gate-shut', 'gauge',
]) // prettier-ignore
export const STEP_FIELDS: readonly FieldSpec[] = [
  sentence('text', msg.whatToDo),
  many('after', msg.after, WHERE),
  pick('replaces', msg.insteadOf, WHERE, true),
  pick('onlyBefore', msg.onlyBefore, same(['placing', 'attaching', 'child-in']), true),
  text('proof.what', msg.whatShowsThatItIs),
  pick('proof.kind', msg.itShowsBy, PROOF_KINDS, true),
  pick('proof.side', msg.itShowsOnThe, same(['left', 'right', 'centre']), true),
]
/** Settings that widen it for the child, and with it the outside. */
export const WIDTH_FIELDS: readonly FieldSpec[] = [
  text('label', msg.setting),
  number('outsideMm', msg.outsideWidthWithIt, 'mm'),
  number('insideMm', msg.roomInsideAtTheShoulders, 'mm'),
]
/** How something shows that it holds, in the maker's words. */
export const PROOF_FIELDS: readonly FieldSpec[] = [
  sentence('what', msg.whatItShows),
  pick('kind', msg.by, PROOF_KINDS),
  pick('side', msg.side, same(['left', 'right', 'centre']), true),
]
export const PART_FIELDS: readonly FieldSpec[] = [
  text('name', msg.part),
  number('massKg', msg.mass, 'kg'),
  answer('isBase', msg.itIsABase),
]

/** New entries are empty: what nobody has read is not filled in. */
export const NEW_ROUTE = { id: 'route', label: '' }
export const NEW_MODE = { id: 'mode', label: '', routes: [NEW_ROUTE] }
export const NEW_MODEL = { id: 'new', maker: '', name: '', modes: [NEW_MODE] }
