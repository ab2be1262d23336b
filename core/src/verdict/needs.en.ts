import type { CheckId } from '../checks/index.ts'
import type { Need } from '../rules/index.ts'
import type { Stage } from './words.ts'

export type OtherNeed = Exclude<Need, `check.${CheckId}` | `step.${string}`>

export interface NeedText {
  /** What is missing, as a short noun phrase. */
  readonly label: string
  /** What to do to get to know it, as a command. */
  readonly ask: string
  readonly stage: Stage
}
/** What is missing, and the stage where it is answered. */
export const NEED_TEXT: Record<OtherNeed, NeedText> = {
  'child.massKg': { label: 'Mass', ask: 'Weigh the child', stage: 'measure' },
  'child.statureCm': { label: 'Stature', ask: 'Measure the stature', stage: 'measure' },
  'child.ageMonths': { label: 'Date of birth', ask: 'Ask for the date of birth', stage: 'measure' },
  'child.seatedShoulderHeightMm': {
    label: 'Seated shoulder height',
    ask: 'Measure the seated shoulder height',
    stage: 'measure',
  },
  'child.sittingHeightMm': { label: 'Sitting height', ask: 'Measure the sitting height', stage: 'measure' },
  'child.headControl': { label: 'Head control', ask: 'See whether the child holds its head', stage: 'measure' },
  'child.needsPostureSpecialist': {
    label: 'Medical posture needs',
    ask: 'Ask about medical posture needs',
    stage: 'measure',
  },
  'child.bornAtWeeks': {
    label: 'Weeks of pregnancy at birth',
    ask: 'Ask at how many weeks the child was born',
    stage: 'measure',
  },
  'child.birthMassKg': { label: 'Mass at birth', ask: 'Ask for the mass at birth', stage: 'measure' },
  'child.advice': { label: 'A specialist’s advice', ask: 'Note what the specialist advised', stage: 'measure' },
  'child.identity': {
    label: 'Put right, or another child',
    ask: 'Say whether this is still the same child',
    stage: 'measure',
  },
  journeyMinutes: { label: 'How long the journey takes', ask: 'Ask how long the journey takes', stage: 'measure' },
  'localRule.r44Use': {
    label: 'Whether UN R44 may still be used',
    ask: 'Ask your authority whether UN R44 may still be used',
    stage: 'choose',
  },
  'unit.lifeEndsOn': { label: 'When the unit’s life ends', ask: 'Read when the unit’s life ends', stage: 'choose' },
  'unit.history': { label: 'The unit’s state and history', ask: 'Ask for the unit’s history', stage: 'choose' },
  'unit.madeOn': { label: 'The day the unit was made', ask: 'Read the day the unit was made', stage: 'choose' },
  'unit.approvalYear': {
    label: 'The year on the approval label',
    ask: 'Read the year on the approval label',
    stage: 'choose',
  },
  'unit.direction': { label: 'Which way the unit stands', ask: 'See which way the unit stands', stage: 'choose' },
  'unit.harness': {
    label: 'Whether the unit’s harness is in or stowed',
    ask: 'See whether the harness is in or stowed',
    stage: 'choose',
  },
  'unit.base': { label: 'The base under the shell', ask: 'Choose the base under the shell', stage: 'choose' },
  'mode.angleProof': {
    label: 'Maker’s own line or indicator of the angle',
    ask: 'Look up the maker’s own proof of the angle',
    stage: 'choose',
  },
  'mode.wedge': {
    label: 'Whether a wedge belongs to it',
    ask: 'Look up whether a wedge belongs to it',
    stage: 'choose',
  },
  'mode.carryHandle': { label: 'Carrying handle', ask: 'Look up the carrying handle', stage: 'choose' },
  'mode.turns': { label: 'Whether its shell turns', ask: 'Look up whether the shell turns', stage: 'choose' },
  'mode.inserts': { label: 'Inserts, and until when', ask: 'Look up the inserts, and until when', stage: 'choose' },
  'mode.reclines': { label: 'Recline positions', ask: 'Look up the recline positions', stage: 'choose' },
  'mode.strap': { label: 'Heights of its straps', ask: 'Look up the heights of the straps', stage: 'choose' },
  'mode.headRule': {
    label: 'Maker’s rule for the head',
    ask: 'Look up the maker’s rule for the head',
    stage: 'choose',
  },
  'mode.massKg': { label: 'Greatest mass on the label', ask: 'Read the greatest mass on the label', stage: 'choose' },
  'mode.sidePod': {
    label: 'Pod for the door side',
    ask: 'Look up whether there is a pod for the door side',
    stage: 'choose',
  },
  'mode.crotchBeltGuide': {
    label: 'Guide between the legs',
    ask: 'Look up the guide between the legs',
    stage: 'choose',
  },
  'mode.forwardGuard': {
    label: 'Guard against turning forward',
    ask: 'Look up the guard against turning forward',
    stage: 'choose',
  },
  'route.isofix': {
    label: 'Whether connectors are used too',
    ask: 'Look up whether connectors are used too',
    stage: 'place',
  },
  'route.belt': {
    label: 'Whether the vehicle’s belt is used too',
    ask: 'Look up whether the vehicle’s belt is used too',
    stage: 'place',
  },
  'route.leg': { label: 'Whether it stands on a leg', ask: 'Look up whether it stands on a leg', stage: 'place' },
  'route.topTether': {
    label: 'Top tether: required, advised or none',
    ask: 'Look up the top tether: required, advised or none',
    stage: 'place',
  },
  'route.lowerTethers': {
    label: 'Lower tethers: required, advised or none',
    ask: 'Look up the lower tethers: required, advised or none',
    stage: 'place',
  },
  'route.reboundBar': { label: 'Rebound bar', ask: 'Look up the rebound bar', stage: 'place' },
  'route.limits': {
    label: 'Maker’s limits for this route',
    ask: 'Look up the maker’s limits for this route',
    stage: 'place',
  },
  'route.rotationHeldBy': {
    label: 'What holds it against rotation',
    ask: 'Look up what holds it against rotation',
    stage: 'place',
  },
  'route.fixture': { label: 'Envelope on the label', ask: 'Read the envelope on the label', stage: 'place' },
  'route.approvedPlaces': {
    label: 'Maker’s list of cars, for this one',
    ask: 'Look for this car in the maker’s list',
    stage: 'place',
  },
  'route.seatsTaken': { label: 'One place or two', ask: 'Look up whether it takes one place or two', stage: 'place' },
  'route.usesBase': { label: 'Whether it goes on a base', ask: 'Look up whether it goes on a base', stage: 'place' },
  'route.permittedReclines': {
    label: 'Reclines that this route permits',
    ask: 'Look up the reclines that this route permits',
    stage: 'place',
  },
  'route.frontSeat': {
    label: 'Touch with the seat in front',
    ask: 'Look up whether it may touch the seat in front',
    stage: 'place',
  },
  'route.frontAirbag': {
    label: 'Manual on the airbag in front',
    ask: 'Look up what the manual says of the airbag in front',
    stage: 'place',
  },
  'route.pushedHome': {
    label: 'Whether it stands against the backrest',
    ask: 'Look up whether it stands against the backrest',
    stage: 'place',
  },
  'route.legProofs': {
    label: 'What shows that the leg stands',
    ask: 'Look up what shows that the leg stands',
    stage: 'place',
  },
  'route.steps': { label: 'Steps of the maker’s own', ask: 'Look up the maker’s own steps', stage: 'place' },
  'unit.catalogueEntry': {
    label: 'The catalogue entry against the manual',
    ask: 'Compare the catalogue entry with the manual',
    stage: 'choose',
  },
  'position.belt': { label: 'Belt at the place', ask: 'Check the belt at this place', stage: 'place' },
  'position.isofix': { label: 'ISOFIX bars at the place', ask: 'Check the ISOFIX bars at this place', stage: 'place' },
  'position.tether': { label: 'Tether anchorage', ask: 'Look for the tether anchorage', stage: 'place' },
  'position.frontAirbag': { label: 'Frontal airbag', ask: 'Look up the frontal airbag', stage: 'place' },
  'position.floor': { label: 'Floor under the leg', ask: 'Look at the floor under the leg', stage: 'place' },
  'position.cushionSlopeDeg': { label: 'Slope of the cushion', ask: 'Measure the cushion’s slope', stage: 'set-up' },
  'position.cushionHeightMm': {
    label: 'Cushion’s front edge above the bare floor',
    ask: 'Measure the cushion’s front edge above the bare floor',
    stage: 'set-up',
  },
  'position.handbook': {
    label: 'Handbook letters for the place',
    ask: 'Read the handbook’s letters for this place',
    stage: 'place',
  },
  'position.frontClearanceMm': {
    label: 'Distance to the seat in front',
    ask: 'Measure the distance to the seat in front',
    stage: 'place',
  },
  'position.facing': { label: 'Which way the seat faces', ask: 'See which way the seat faces', stage: 'place' },
  'position.slidingTrack': {
    label: 'Whether the seat slides, and the handbook’s setting',
    ask: 'See whether the seat slides, and the handbook’s setting',
    stage: 'place',
  },
  'position.isDriverSeat': {
    label: 'Which is the driver’s seat',
    ask: 'Say which is the driver’s seat',
    stage: 'place',
  },
  'position.headRestraint': {
    label: 'Top of the vehicle’s head restraint',
    ask: 'Measure the top of the vehicle’s head restraint',
    stage: 'place',
  },
  'position.lowerTetherPoints': {
    label: 'Points for the lower tethers',
    ask: 'Look for the points of the lower tethers',
    stage: 'place',
  },
  'setting.recline': { label: 'Recline set', ask: 'Set the recline', stage: 'set-up' },
  'setting.legNotch': { label: 'Leg notch set', ask: 'Set the leg', stage: 'set-up' },
  'setting.strapHeightMm': { label: 'Strap height set', ask: 'Set the strap height', stage: 'set-up' },
  'setting.wedge': { label: 'Wedge', ask: 'Say whether the wedge is in', stage: 'set-up' },
  'setting.insertsIn': { label: 'Inserts in or out', ask: 'Say which inserts are in', stage: 'set-up' },
  'setting.vehicleHeadRestraint': {
    label: 'Vehicle head restraint',
    ask: 'Set the vehicle’s head restraint',
    stage: 'set-up',
  },
  'setting.frontSeatGapMm': { label: 'Front seat', ask: 'Set the front seat', stage: 'set-up' },
  'setting.slideMm': {
    label: 'Shell slid on its base',
    ask: 'Set where the shell stands on its base',
    stage: 'set-up',
  },
}

/** A check by its label: "Check “Left indicator”". */
export const askOfCheck = (label: string, isNumber: boolean): string => `${isNumber ? 'Measure' : 'Check'} “${label}”`
export const askOfStep = (text: string): string => `Do and record “${text.replace(/\.$/, '')}”`
/** What was measured, and not closely enough to tell. */
export const moreClosely = (ask: string): string => `${ask} more closely`
/** What is to be chosen before anything else can be asked. */
export const CHOICE_TEXT = {
  mode: { label: 'Restraint mode', ask: 'Choose a restraint mode' },
  vehicle: { label: 'Car', ask: 'Choose the car' },
  place: { label: 'Place and route', ask: 'Choose a place and a route' },
} as const
export const nextText = (ask: string): string =>
  `Next: ${/^[A-Z][a-z’]* /.test(ask) ? ask.replace(/^./, (x) => x.toLowerCase()) : ask}.`
