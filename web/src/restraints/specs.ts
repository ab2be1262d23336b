import { DIRECTION_WORD, HEAD_RULES, R44_GROUPS, RETRACTORS, STRAP_RULES } from '@nimble-anchor/core/restraint'
import { STEPS_EN } from '@nimble-anchor/core/procedure'
import { FIXTURES } from '@nimble-anchor/core/vehicle'
import { answer, many, number, pick, same, sentence, set, text, type FieldSpec, type PartSpec } from '../form/spec.ts'

/** The fields of a restraint in the order a fitter reads a manual: labels and units beside the names of the format. */

export const MODEL_FIELDS: readonly FieldSpec[] = [
  text('maker', 'Maker'),
  text('name', 'Name'),
  number('massKg', 'Mass of the restraint', 'kg'),
  number('lifeYears', 'May be used for', 'years'),
  { key: 'tags', label: 'Badges beyond the approval, in single words', kind: 'words' },
  pick(
    'directionChange',
    'Changes direction by',
    [
      ['turns-on-base', 'turning on its base'],
      ['lifts-off', 'lifting off, setting round'],
      ['re-installed', 'installing it again'],
    ],
    true,
  ),
  text('variant.label', 'Variant'),
  text('variant.madeFrom', 'Variant made from (day)'),
  text('variant.madeUntil', 'Variant made until (day)'),
  text('note', 'Note'),
]

export const MODE_FIELDS: readonly FieldSpec[] = [
  text('label', 'Name of the mode'),
  pick('shape', 'Shape', [
    ['infant-shell', 'infant shell'],
    ['lie-flat', 'lie-flat'],
    ['seat', 'seat'],
    ['booster-seat', 'booster with a back'],
    ['booster-cushion', 'booster cushion'],
  ]),
  pick('direction', 'Direction', Object.entries(DIRECTION_WORD)),
  pick('heldBy', 'Child held by', [
    ['harness', 'its own harness'],
    ['shield', 'a shield'],
    ['vehicle-belt', 'the car’s belt'],
  ]),
  text('note', 'Note'),
]

export const R44_FIELDS: readonly FieldSpec[] = [
  pick('approval.series', 'Series', same(['01', '02', '03', '04'])),
  set(
    'approval.groups',
    'Groups',
    R44_GROUPS.map((g) => [g, g]),
  ),
  number('approval.approvedYear', 'Year on the label', ''),
]
export const R129_FIELDS: readonly FieldSpec[] = [
  pick('approval.series', 'Series', same(['00', '01', '02', '03', '04'])),
]

export const RANGE_FIELDS: readonly FieldSpec[] = [
  number('massKg.from', 'Mass from', 'kg'),
  number('massKg.to', 'Mass to', 'kg'),
  number('statureCm.from', 'Stature from', 'cm'),
  number('statureCm.to', 'Stature to', 'cm'),
  number('ageMonths.from', 'Age from', 'months'),
  number('ageMonths.to', 'Age to', 'months'),
  number('aboutAgeMonths.from', 'Printed “about” from (binds nothing)', 'months'),
  number('aboutAgeMonths.to', 'Printed “about” to (binds nothing)', 'months'),
]

export const BODY_FIELDS: readonly FieldSpec[] = [
  pick('headRule', 'Head rule', same(HEAD_RULES), true),
  number('shellEdgeMm', 'Shell edge above the seat', 'mm'),
  number('widthMm', 'Width', 'mm'),
  number('shellLengthMm', 'Shell length', 'mm'),
  number('footFromBackrestMm', 'Foot from the backrest', 'mm'),
  number('sitAboveCushionMm', 'Seat surface above the car’s cushion', 'mm'),
  number('slidesOnBaseMm', 'Shell slides on its base by', 'mm'),
  answer('sidePod', 'Pod for the door side'),
  answer('crotchBeltGuide', 'Guide between the legs (boosters)'),
  pick('extraWidthMm.side', 'Wider with a cup holder or pod, on the', same(['left', 'right', 'both']), true),
  number('extraWidthMm.mm', 'Wider by', 'mm'),
]

/** What the maker gives a figure for where a school has one too: the maker’s stands. */
export const MAKERS_FIGURES: readonly FieldSpec[] = [
  number('targetAngleDeg.from', 'Shell angle from', '°'),
  number('targetAngleDeg.to', 'Shell angle to', '°'),
  number('slackMm.fromMm', 'Harness slack from', 'mm'),
  number('slackMm.toMm', 'Harness slack to', 'mm'),
  number('steadinessMm', 'Movement at the base, to', 'mm'),
  number('headBelowEdgeMm', 'Head below the edge by', 'mm'),
  number('guideAboveShoulderMm.fromMm', 'Belt guide above the shoulder from', 'mm'),
  number('guideAboveShoulderMm.toMm', 'Belt guide above the shoulder to', 'mm'),
  number('beltGuideMm.fromMm', 'Belt guide goes from', 'mm'),
  number('beltGuideMm.toMm', 'Belt guide goes to', 'mm'),
]

export const MODE_PARTS: readonly PartSpec[] = [
  {
    key: 'angleProof',
    label: 'Maker’s proof of the angle',
    canBeNone: true,
    fields: [
      pick('kind', 'Shown by', [
        ['level-line', 'a level line'],
        ['indicator', 'an indicator'],
        ['fixed-base', 'a fixed base'],
      ]),
      text('what', 'What it shows when good'),
    ],
  },
  {
    key: 'wedge',
    label: 'Wedge',
    canBeNone: true,
    fields: [
      answer('allowed', 'Allowed with this mode'),
      number('heightMm', 'Height', 'mm'),
      number('baseLengthMm', 'Base it lies under', 'mm'),
    ],
  },
  {
    key: 'turns',
    label: 'Turns on its base',
    canBeNone: true,
    fields: [
      answer('forwardGuard', 'A guard keeps it from facing forward'),
      answer('toDoor', 'The child is put in with the shell turned to the door'),
      number('sweepMm', 'Furthest corner from what it turns about', 'mm'),
    ],
  },
  {
    key: 'carryHandle',
    label: 'Carrying handle',
    canBeNone: true,
    fields: [text('travelPosition', 'While travelling')],
  },
]

export const STRAP_FIELDS: readonly FieldSpec[] = [
  pick('strap.rule', 'Strap rule, where not the usual', same(STRAP_RULES), true),
  pick('strap.gauge', 'Gauge', same(['strap-exit', 'head-support-lower-edge']), true),
  number('strap.gaugeAboveExitMm', 'Gauge above the strap exit', 'mm'),
  number('strap.justMm', 'Exit off the shoulder at most', 'mm'),
]
export const ADJUSTERS = [
  ['', 'not read yet, or none'],
  ['slots', 'slots'],
  ['stepless', 'stepless'],
  ['follows-head-support', 'follows the head support'],
] as const
export const SLOT_FIELDS: readonly FieldSpec[] = [
  { key: 'strap.adjuster.heightsMm', label: 'Slot heights in mm, spaces between', kind: 'numbers' },
]
export const SPAN_FIELDS: readonly FieldSpec[] = [
  number('strap.adjuster.fromMm', 'Lowest strap exit', 'mm'),
  number('strap.adjuster.toMm', 'Highest strap exit', 'mm'),
]

export const RECLINE_FIELDS: readonly FieldSpec[] = [
  text('label', 'Position'),
  number('shellAngleDeg', 'Angle on a level seat', '°'),
  number('flatterInCarUntil.massKg', 'Flatter in the car until', 'kg'),
  number('flatterInCarUntil.statureCm', 'or', 'cm'),
  number('flatterInCarUntil.ageMonths', 'or', 'months'),
]
export const INSERT_FIELDS: readonly FieldSpec[] = [
  text('name', 'Insert'),
  number('thicknessMm', 'Lifts the child by', 'mm'),
  number('requiredUntil.massKg', 'Required until', 'kg'),
  number('requiredUntil.statureCm', 'or', 'cm'),
  number('requiredUntil.ageMonths', 'or', 'months'),
  number('allowedUntil.massKg', 'Allowed until', 'kg'),
  number('allowedUntil.statureCm', 'or', 'cm'),
  number('allowedUntil.ageMonths', 'or', 'months'),
]

export const ROUTE_FIELDS: readonly FieldSpec[] = [
  text('label', 'Name of the route'),
  pick('scope', 'Approval', [
    ['universal', 'universal'],
    ['i-size', 'i-Size'],
    ['semi-universal', 'semi-universal: cars on a list'],
    ['vehicle-specific', 'for named cars'],
  ]),
  pick('fixture', 'Envelope', same(FIXTURES), true),
  pick('frontSeat', 'Seat or dashboard before it', same(['must-touch', 'must-not-touch', 'either']), true),
  answer('usesBase', 'Goes on a base that stays in the car'),
  answer('childFirst', 'Child may sit in it first'),
  answer('gapAccepted.behindBase', 'Maker accepts a gap behind the base'),
  answer('gapAccepted.underBase', 'Maker accepts a gap under the base'),
  text('rotationHeldBy', 'Held against rotation by (neither leg nor tether)'),
  pick('frontAirbag', 'Manual: airbag before a forward child in front', same(['on', 'off', 'either']), true),
  pick('vehicleHeadRestraint', 'Manual: vehicle head restraint', same(['on', 'off', 'either']), true),
  number('seatsTaken', 'Places it takes, 1 or 2', ''),
  text('note', 'Note'),
]

export const ROUTE_PARTS: readonly PartSpec[] = [
  {
    key: 'isofix',
    label: 'ISOFIX',
    canBeNone: true,
    fields: [
      pick('connectors', 'Connectors', same(['rigid', 'strap'])),
      pick('role', 'They', [
        ['holds', 'hold the restraint'],
        ['steadies', 'only steady it'],
      ]),
      pick('pushedHome', 'Pushed home', same(['required', 'any-length']), true),
      answer('armsMayRetract', 'Arms may run back in'),
      answer('armsMayCreep', 'Arms creep in on the road'),
    ],
  },
  {
    key: 'leg',
    label: 'Support leg',
    canBeNone: true,
    fields: [
      number('minLengthMm', 'Shortest', 'mm'),
      number('maxLengthMm', 'Longest', 'mm'),
      number('notches', 'Notches', ''),
      number('hingeAboveCushionMm', 'Hinge above the cushion’s edge', 'mm'),
      number('angleFromVerticalDeg', 'From vertical', '°'),
      number('maxLiftMm', 'May lift the base by', 'mm'),
      answer('matMayStay', 'Mat may stay under the foot'),
    ],
  },
  {
    key: 'topTether',
    label: 'Top tether',
    canBeNone: true,
    fields: [
      pick('use', 'Use', same(['required', 'optional'])),
      number('minLengthMm', 'Shortest', 'mm'),
      number('maxLengthMm', 'Longest', 'mm'),
      pick('headRestraintPath', 'Past the head restraint', same(['over', 'under', 'round-both-sides', 'free']), true),
      number('goodMm.fromMm', 'Indicator shows at least', 'mm'),
      number('goodMm.toMm', 'at most', 'mm'),
    ],
  },
  {
    key: 'belt',
    label: 'Vehicle belt',
    canBeNone: true,
    fields: [
      pick('needs', 'Belt needed', same(['three-point', 'three-point-or-lap', 'lap'])),
      number('requiredLengthMm', 'Belt it takes', 'mm'),
      number('pathEdgeAboveBightMm', 'Path edge above the bight', 'mm'),
      number('sidewaysPlayMm', 'May stand sideways off the middle by', 'mm'),
      pick('lock.kind', 'Locked by', [
        ['lock-off', 'lock-off on the restraint'],
        ['locking-clip', 'loose clip'],
        ['switchable-retractor', 'switchable retractor'],
        ['tension-only', 'tension alone'],
        ['free', 'not locked: a booster'],
      ]),
      pick('lock.section', 'Lock or clip on the', same(['lap', 'diagonal', 'both']), true),
      pick('lock.side', 'Lock-off at the', same(['buckle-side', 'door-side']), true),
      number('lock.fromTongueMm', 'Clip from the tongue', 'mm'),
      set('lock.neededWith', 'Clip needed with a retractor that is', same(RETRACTORS)),
    ],
  },
  {
    key: 'reboundBar',
    label: 'Rebound bar',
    canBeNone: true,
    fields: [answer('hasRatchet', 'With a ratchet')],
  },
  {
    key: 'limits',
    label: 'Limits of this route alone',
    canBeNone: true,
    fields: [
      number('massKg.from', 'Mass from', 'kg'),
      number('massKg.to', 'Mass to', 'kg'),
      number('statureCm.from', 'Stature from', 'cm'),
      number('statureCm.to', 'Stature to', 'cm'),
    ],
  },
  {
    key: 'lowerTethers',
    label: 'Lower tethers',
    canBeNone: true,
    fields: [
      pick('use', 'Use', same(['required', 'optional'])),
      number('lengthMm', 'Length', 'mm'),
      pick('lead', 'Lead', same(['crossed', 'straight', 'either']), true),
      set('points', 'May be fastened to', [
        ['fixed-runner', 'a fixed runner'],
        ['moving-frame', 'the moving frame of the seat'],
        ['ring', 'a ring'],
        ['seat-leg', 'a leg of the seat'],
      ]),
    ],
  },
]

export const GUIDE_FIELDS: readonly FieldSpec[] = [
  pick('section', 'Section', same(['lap', 'diagonal', 'both'])),
  text('mark', 'Mark'),
  pick('side', 'Side', same(['left', 'right', 'buckle-side', 'door-side', 'centre'])),
  pick('how', 'How', same(['over', 'under', 'through'])),
  pick('place', 'Belt of the place at the', same(['head-end', 'foot-end']), true),
]

/** Where a step of the maker's own stands, by the usual step that it goes with. */
const WHERE = Object.entries(STEPS_EN).map(([id, { title }]) => [id, title] as const)
const PROOF_KINDS = same([
  'window', 'click', 'loud-last-click', 'clicks-cease', 'button-springs-back', 'line-in-sight', 'gate-shut', 'gauge',
]) // prettier-ignore
export const STEP_FIELDS: readonly FieldSpec[] = [
  sentence('text', 'What to do'),
  many('after', 'After', WHERE),
  pick('replaces', 'Instead of', WHERE, true),
  pick('onlyBefore', 'Only before', same(['placing', 'attaching', 'child-in']), true),
  text('proof.what', 'What shows that it is done'),
  pick('proof.kind', 'It shows by', PROOF_KINDS, true),
  pick('proof.side', 'It shows on the', same(['left', 'right', 'centre']), true),
]
/** Settings that widen it for the child, and with it the outside. */
export const WIDTH_FIELDS: readonly FieldSpec[] = [
  text('label', 'Setting'),
  number('outsideMm', 'Outside width with it', 'mm'),
  number('insideMm', 'Room inside, at the shoulders', 'mm'),
]
/** How something shows that it holds, in the maker's words. */
export const PROOF_FIELDS: readonly FieldSpec[] = [
  sentence('what', 'What it shows'),
  pick('kind', 'By', PROOF_KINDS),
  pick('side', 'Side', same(['left', 'right', 'centre']), true),
]
export const PART_FIELDS: readonly FieldSpec[] = [
  text('name', 'Part'),
  number('massKg', 'Mass', 'kg'),
  answer('isBase', 'It is a base'),
]

/** New entries are empty: what nobody has read is not filled in. */
export const NEW_ROUTE = { id: 'route', label: '' }
export const NEW_MODE = { id: 'mode', label: '', routes: [NEW_ROUTE] }
export const NEW_MODEL = { id: 'new', maker: '', name: '', modes: [NEW_MODE] }
