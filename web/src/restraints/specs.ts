import { DIRECTION_WORD, HEAD_RULES, R44_GROUPS, RETRACTORS, STRAP_RULES } from '@nimble-anchor/core/restraint'
import { STEPS_EN } from '@nimble-anchor/core/procedure'
import { FIXTURES } from '@nimble-anchor/core/vehicle'
import { answer, many, number, pick, same, sentence, set, text, type FieldSpec, type PartSpec } from '../form/spec.ts'
import * as msg from './messages.en.ts'
import * as say from './specs.en.ts'

/** The fields of a restraint in the order a fitter reads a manual: labels and units beside the names of the format. */

export const MODEL_FIELDS: readonly FieldSpec[] = [
  text('maker', say.maker),
  text('name', say.name),
  number('massKg', say.massOfTheRestraint, 'kg'),
  number('lifeYears', say.mayBeUsedFor, 'years'),
  { key: 'tags', label: say.badgesBeyondTheApprovalIn, kind: 'words' },
  pick(
    'directionChange',
    say.changesDirectionBy,
    [
      ['turns-on-base', say.turningOnItsBase],
      ['lifts-off', say.liftingOffSettingRound],
      ['re-installed', say.installingItAgain],
    ],
    true,
  ),
  text('variant.label', say.variant),
  text('variant.madeFrom', say.variantMadeFromDay),
  text('variant.madeUntil', say.variantMadeUntilDay),
  text('note', msg.note),
]

export const MODE_FIELDS: readonly FieldSpec[] = [
  text('label', say.nameOfTheMode),
  pick('shape', say.shape, [
    ['infant-shell', say.infantShell],
    ['lie-flat', 'lie-flat'],
    ['seat', 'seat'],
    ['booster-seat', say.boosterWithABack],
    ['booster-cushion', say.boosterCushion],
  ]),
  pick('direction', say.direction, Object.entries(DIRECTION_WORD)),
  pick('heldBy', say.childHeldBy, [
    ['harness', say.itsOwnHarness],
    ['shield', say.aShield],
    ['vehicle-belt', say.theCarsBelt],
  ]),
  text('note', msg.note),
]

export const R44_FIELDS: readonly FieldSpec[] = [
  pick('approval.series', say.series, same(['01', '02', '03', '04'])),
  set(
    'approval.groups',
    say.groups,
    R44_GROUPS.map((g) => [g, g]),
  ),
  number('approval.approvedYear', say.yearOnTheLabel, ''),
]
export const R129_FIELDS: readonly FieldSpec[] = [
  pick('approval.series', say.series, same(['00', '01', '02', '03', '04'])),
]

export const RANGE_FIELDS: readonly FieldSpec[] = [
  number('massKg.from', say.massFrom, 'kg'),
  number('massKg.to', say.massTo, 'kg'),
  number('statureCm.from', say.statureFrom, 'cm'),
  number('statureCm.to', say.statureTo, 'cm'),
  number('ageMonths.from', say.ageFrom, 'months'),
  number('ageMonths.to', say.ageTo, 'months'),
  number('aboutAgeMonths.from', say.printedAboutFromBindsNothing, 'months'),
  number('aboutAgeMonths.to', say.printedAboutToBindsNothing, 'months'),
]

export const BODY_FIELDS: readonly FieldSpec[] = [
  pick('headRule', say.headRule, same(HEAD_RULES), true),
  number('shellEdgeMm', say.shellEdgeAboveTheSeat, 'mm'),
  number('widthMm', say.width, 'mm'),
  number('shellLengthMm', say.shellLength, 'mm'),
  number('footFromBackrestMm', say.footFromTheBackrest, 'mm'),
  number('sitAboveCushionMm', say.seatSurfaceAboveTheCars, 'mm'),
  number('slidesOnBaseMm', say.shellSlidesOnItsBase, 'mm'),
  answer('sidePod', say.podForTheDoorSide),
  answer('crotchBeltGuide', say.guideBetweenTheLegsBoosters),
  pick('extraWidthMm.side', say.widerWithACupHolder, same(['left', 'right', 'both']), true),
  number('extraWidthMm.mm', say.widerBy, 'mm'),
]

/** What the maker gives a figure for where a school has one too: the maker’s stands. */
export const MAKERS_FIGURES: readonly FieldSpec[] = [
  number('targetAngleDeg.from', say.shellAngleFrom, '°'),
  number('targetAngleDeg.to', say.shellAngleTo, '°'),
  number('slackMm.fromMm', say.harnessSlackFrom, 'mm'),
  number('slackMm.toMm', say.harnessSlackTo, 'mm'),
  number('steadinessMm', say.movementAtTheBaseTo, 'mm'),
  number('headBelowEdgeMm', say.headBelowTheEdgeBy, 'mm'),
  number('guideAboveShoulderMm.fromMm', say.beltGuideAboveTheShoulder, 'mm'),
  number('guideAboveShoulderMm.toMm', say.beltGuideAboveTheShoulderTo, 'mm'),
  number('beltGuideMm.fromMm', say.beltGuideGoesFrom, 'mm'),
  number('beltGuideMm.toMm', say.beltGuideGoesTo, 'mm'),
]

export const MODE_PARTS: readonly PartSpec[] = [
  {
    key: 'angleProof',
    label: say.makersProofOfTheAngle,
    canBeNone: true,
    fields: [
      pick('kind', say.shownBy, [
        ['level-line', say.aLevelLine],
        ['indicator', say.anIndicator],
        ['fixed-base', say.aFixedBase],
      ]),
      text('what', say.whatItShowsWhenGood),
    ],
  },
  {
    key: 'wedge',
    label: say.wedge,
    canBeNone: true,
    fields: [
      answer('allowed', say.allowedWithThisMode),
      number('heightMm', say.height, 'mm'),
      number('baseLengthMm', say.baseItLiesUnder, 'mm'),
    ],
  },
  {
    key: 'turns',
    label: say.turnsOnItsBase,
    canBeNone: true,
    fields: [
      answer('forwardGuard', say.aGuardKeepsItFrom),
      answer('toDoor', say.theChildIsPutIn),
      number('sweepMm', say.furthestCornerFromWhatIt, 'mm'),
    ],
  },
  {
    key: 'carryHandle',
    label: say.carryingHandle,
    canBeNone: true,
    fields: [text('travelPosition', say.whileTravelling)],
  },
]

export const STRAP_FIELDS: readonly FieldSpec[] = [
  pick('strap.rule', say.strapRuleWhereNotThe, same(STRAP_RULES), true),
  pick('strap.gauge', say.gauge, same(['strap-exit', 'head-support-lower-edge']), true),
  number('strap.gaugeAboveExitMm', say.gaugeAboveTheStrapExit, 'mm'),
  number('strap.justMm', say.exitOffTheShoulderAt, 'mm'),
]
export const ADJUSTERS = [
  ['', say.notReadYetOrNone],
  ['slots', 'slots'],
  ['stepless', 'stepless'],
  ['follows-head-support', say.followsTheHeadSupport],
] as const
export const SLOT_FIELDS: readonly FieldSpec[] = [
  { key: 'strap.adjuster.heightsMm', label: say.slotHeightsInMmSpaces, kind: 'numbers' },
]
export const SPAN_FIELDS: readonly FieldSpec[] = [
  number('strap.adjuster.fromMm', say.lowestStrapExit, 'mm'),
  number('strap.adjuster.toMm', say.highestStrapExit, 'mm'),
]

export const RECLINE_FIELDS: readonly FieldSpec[] = [
  text('label', say.position),
  number('shellAngleDeg', say.angleOnALevelSeat, '°'),
  number('flatterInCarUntil.massKg', say.flatterInTheCarUntil, 'kg'),
  number('flatterInCarUntil.statureCm', say.orWord, 'cm'),
  number('flatterInCarUntil.ageMonths', say.orWord, 'months'),
]
export const INSERT_FIELDS: readonly FieldSpec[] = [
  text('name', say.insert),
  number('thicknessMm', say.liftsTheChildBy, 'mm'),
  number('requiredUntil.massKg', say.requiredUntil, 'kg'),
  number('requiredUntil.statureCm', say.orWord, 'cm'),
  number('requiredUntil.ageMonths', say.orWord, 'months'),
  number('allowedUntil.massKg', say.allowedUntil, 'kg'),
  number('allowedUntil.statureCm', say.orWord, 'cm'),
  number('allowedUntil.ageMonths', say.orWord, 'months'),
]

export const ROUTE_FIELDS: readonly FieldSpec[] = [
  text('label', say.nameOfTheRoute),
  pick('scope', say.approval, [
    ['universal', 'universal'],
    ['i-size', 'i-Size'],
    ['semi-universal', say.semiUniversalCarsOnA],
    ['vehicle-specific', say.forNamedCars],
  ]),
  pick('fixture', say.envelope, same(FIXTURES), true),
  pick('frontSeat', say.seatOrDashboardBeforeIt, same(['must-touch', 'must-not-touch', 'either']), true),
  answer('usesBase', say.goesOnABaseThat),
  answer('childFirst', say.childMaySitInIt),
  answer('gapAccepted.behindBase', say.makerAcceptsAGapBehind),
  answer('gapAccepted.underBase', say.makerAcceptsAGapUnder),
  text('rotationHeldBy', say.heldAgainstRotationByNeither),
  pick('frontAirbag', say.manualAirbagBeforeAForward, same(['on', 'off', 'either']), true),
  pick('vehicleHeadRestraint', say.manualVehicleHeadRestraint, same(['on', 'off', 'either']), true),
  number('seatsTaken', say.placesItTakes1Or, ''),
  text('note', msg.note),
]

export const ROUTE_PARTS: readonly PartSpec[] = [
  {
    key: 'isofix',
    label: say.isofix,
    canBeNone: true,
    fields: [
      pick('connectors', say.connectors, same(['rigid', 'strap'])),
      pick('role', say.they, [
        ['holds', say.holdTheRestraint],
        ['steadies', say.onlySteadyIt],
      ]),
      pick('pushedHome', say.pushedHome, same(['required', 'any-length']), true),
      answer('armsMayRetract', say.armsMayRunBackIn),
      answer('armsMayCreep', say.armsCreepInOnThe),
    ],
  },
  {
    key: 'leg',
    label: say.supportLeg,
    canBeNone: true,
    fields: [
      number('minLengthMm', say.shortest, 'mm'),
      number('maxLengthMm', say.longest, 'mm'),
      number('notches', say.notches, ''),
      number('hingeAboveCushionMm', say.hingeAboveTheCushionsEdge, 'mm'),
      number('angleFromVerticalDeg', say.fromVertical, '°'),
      number('maxLiftMm', say.mayLiftTheBaseBy, 'mm'),
      answer('matMayStay', say.matMayStayUnderThe),
    ],
  },
  {
    key: 'topTether',
    label: say.topTether,
    canBeNone: true,
    fields: [
      pick('use', say.use, same(['required', 'optional'])),
      number('minLengthMm', say.shortest, 'mm'),
      number('maxLengthMm', say.longest, 'mm'),
      pick('headRestraintPath', say.pastTheHeadRestraint, same(['over', 'under', 'round-both-sides', 'free']), true),
      number('goodMm.fromMm', say.indicatorShowsAtLeast, 'mm'),
      number('goodMm.toMm', say.atMost, 'mm'),
    ],
  },
  {
    key: 'belt',
    label: say.vehicleBelt,
    canBeNone: true,
    fields: [
      pick('needs', say.beltNeeded, same(['three-point', 'three-point-or-lap', 'lap'])),
      number('requiredLengthMm', say.beltItTakes, 'mm'),
      number('pathEdgeAboveBightMm', say.pathEdgeAboveTheBight, 'mm'),
      number('sidewaysPlayMm', say.mayStandSidewaysOffThe, 'mm'),
      pick('lock.kind', say.lockedBy, [
        ['lock-off', say.lockOffOnTheRestraint],
        ['locking-clip', say.looseClip],
        ['switchable-retractor', say.switchableRetractor],
        ['tension-only', say.tensionAlone],
        ['free', say.notLockedABooster],
      ]),
      pick('lock.section', say.lockOrClipOnThe, same(['lap', 'diagonal', 'both']), true),
      pick('lock.side', say.lockOffAtThe, same(['buckle-side', 'door-side']), true),
      number('lock.fromTongueMm', say.clipFromTheTongue, 'mm'),
      set('lock.neededWith', say.clipNeededWithARetractor, same(RETRACTORS)),
    ],
  },
  {
    key: 'reboundBar',
    label: say.reboundBar,
    canBeNone: true,
    fields: [answer('hasRatchet', say.withARatchet)],
  },
  {
    key: 'limits',
    label: say.limitsOfThisRouteAlone,
    canBeNone: true,
    fields: [
      number('massKg.from', say.massFrom, 'kg'),
      number('massKg.to', say.massTo, 'kg'),
      number('statureCm.from', say.statureFrom, 'cm'),
      number('statureCm.to', say.statureTo, 'cm'),
    ],
  },
  {
    key: 'lowerTethers',
    label: say.lowerTethers,
    canBeNone: true,
    fields: [
      pick('use', say.use, same(['required', 'optional'])),
      number('lengthMm', say.length, 'mm'),
      pick('lead', say.lead, same(['crossed', 'straight', 'either']), true),
      set('points', say.mayBeFastenedTo, [
        ['fixed-runner', say.aFixedRunner],
        ['moving-frame', say.theMovingFrameOfThe],
        ['ring', say.aRing],
        ['seat-leg', say.aLegOfTheSeat],
      ]),
    ],
  },
]

export const GUIDE_FIELDS: readonly FieldSpec[] = [
  pick('section', say.section, same(['lap', 'diagonal', 'both'])),
  text('mark', say.mark),
  pick('side', say.side, same(['left', 'right', 'buckle-side', 'door-side', 'centre'])),
  pick('how', say.how, same(['over', 'under', 'through'])),
  pick('place', say.beltOfThePlaceAt, same(['head-end', 'foot-end']), true),
]

/** Where a step of the maker's own stands, by the usual step that it goes with. */
const WHERE = Object.entries(STEPS_EN).map(([id, { title }]) => [id, title] as const)
const PROOF_KINDS = same([
  'window', 'click', 'loud-last-click', 'clicks-cease', 'button-springs-back', 'line-in-sight', 'gate-shut', 'gauge',
]) // prettier-ignore
export const STEP_FIELDS: readonly FieldSpec[] = [
  sentence('text', say.whatToDo),
  many('after', say.after, WHERE),
  pick('replaces', say.insteadOf, WHERE, true),
  pick('onlyBefore', say.onlyBefore, same(['placing', 'attaching', 'child-in']), true),
  text('proof.what', say.whatShowsThatItIs),
  pick('proof.kind', say.itShowsBy, PROOF_KINDS, true),
  pick('proof.side', say.itShowsOnThe, same(['left', 'right', 'centre']), true),
]
/** Settings that widen it for the child, and with it the outside. */
export const WIDTH_FIELDS: readonly FieldSpec[] = [
  text('label', say.setting),
  number('outsideMm', say.outsideWidthWithIt, 'mm'),
  number('insideMm', say.roomInsideAtTheShoulders, 'mm'),
]
/** How something shows that it holds, in the maker's words. */
export const PROOF_FIELDS: readonly FieldSpec[] = [
  sentence('what', say.whatItShows),
  pick('kind', say.by, PROOF_KINDS),
  pick('side', say.side, same(['left', 'right', 'centre']), true),
]
export const PART_FIELDS: readonly FieldSpec[] = [
  text('name', say.part),
  number('massKg', say.mass, 'kg'),
  answer('isBase', say.itIsABase),
]

/** New entries are empty: what nobody has read is not filled in. */
export const NEW_ROUTE = { id: 'route', label: '' }
export const NEW_MODE = { id: 'mode', label: '', routes: [NEW_ROUTE] }
export const NEW_MODEL = { id: 'new', maker: '', name: '', modes: [NEW_MODE] }
