import { CHECKS, type CheckId, checkLabel } from '../checks/index.ts'
import type { Route } from '../restraint/index.ts'
import type { Need } from '../rules/index.ts'
import type { Stage } from './words.ts'

type OtherNeed = Exclude<Need, `check.${CheckId}` | `step.${string}`>

const NEED_TEXT: Record<OtherNeed, { readonly label: string; readonly stage: Stage }> = {
  'child.massKg': { label: 'Mass', stage: 'measure' },
  'child.statureCm': { label: 'Stature', stage: 'measure' },
  'child.ageMonths': { label: 'Day of birth', stage: 'measure' },
  'child.seatedShoulderHeightMm': { label: 'Seated shoulder height', stage: 'measure' },
  'child.sittingHeightMm': { label: 'Sitting height', stage: 'measure' },
  'child.headControl': { label: 'Head control', stage: 'measure' },
  'child.needsPostureSpecialist': { label: 'Medical posture needs', stage: 'measure' },
  'child.bornAtWeeks': { label: 'Weeks of pregnancy at birth', stage: 'measure' },
  'child.birthMassKg': { label: 'Mass at birth', stage: 'measure' },
  'child.advice': { label: 'A specialist’s advice', stage: 'measure' },
  'child.identity': { label: 'Put right, or another child', stage: 'measure' },
  journeyMinutes: { label: 'How long the journey takes', stage: 'measure' },
  'unit.lifeEndsOn': { label: 'When the unit’s life ends', stage: 'choose' },
  'unit.history': { label: 'The unit’s state and history', stage: 'choose' },
  'unit.madeOn': { label: 'The day the unit was made', stage: 'choose' },
  'unit.approvalYear': { label: 'The year on the approval label', stage: 'choose' },
  'unit.direction': { label: 'Which way the unit stands', stage: 'choose' },
  'unit.harness': { label: 'Whether the unit’s harness is in or stowed', stage: 'choose' },
  'unit.base': { label: 'The base under the shell', stage: 'choose' },
  'mode.angleProof': { label: 'Maker’s own line or indicator of the angle', stage: 'choose' },
  'mode.wedge': { label: 'Whether a wedge belongs to it', stage: 'choose' },
  'mode.carryHandle': { label: 'Carrying handle', stage: 'choose' },
  'mode.turns': { label: 'Whether its shell turns', stage: 'choose' },
  'mode.inserts': { label: 'Inserts, and until when', stage: 'choose' },
  'mode.reclines': { label: 'Recline positions', stage: 'choose' },
  'mode.strap': { label: 'Heights of its straps', stage: 'choose' },
  'mode.headRule': { label: 'Maker’s rule for the head', stage: 'choose' },
  'mode.massKg': { label: 'Greatest mass on the label', stage: 'choose' },
  'mode.sidePod': { label: 'Pod for the door side', stage: 'choose' },
  'mode.crotchBeltGuide': { label: 'Guide between the legs', stage: 'choose' },
  'mode.forwardGuard': { label: 'Guard against turning forward', stage: 'choose' },
  'route.isofix': { label: 'Whether connectors are used too', stage: 'place' },
  'route.belt': { label: 'Whether the vehicle’s belt is used too', stage: 'place' },
  'route.leg': { label: 'Whether it stands on a leg', stage: 'place' },
  'route.topTether': { label: 'Top tether: required, advised or none', stage: 'place' },
  'route.lowerTethers': { label: 'Lower tethers: required, advised or none', stage: 'place' },
  'route.reboundBar': { label: 'Rebound bar', stage: 'place' },
  'route.limits': { label: 'Maker’s limits for this route', stage: 'place' },
  'route.rotationHeldBy': { label: 'What holds it against rotation', stage: 'place' },
  'route.fixture': { label: 'Envelope on the label', stage: 'place' },
  'route.approvedPlaces': { label: 'Maker’s list of cars, for this one', stage: 'place' },
  'route.seatsTaken': { label: 'One place or two', stage: 'place' },
  'route.usesBase': { label: 'Whether it goes on a base', stage: 'place' },
  'route.permittedReclines': { label: 'Reclines that this route permits', stage: 'place' },
  'route.frontSeat': { label: 'Touch with the seat in front', stage: 'place' },
  'route.frontAirbag': { label: 'Manual on the airbag in front', stage: 'place' },
  'route.pushedHome': { label: 'Whether it stands against the backrest', stage: 'place' },
  'route.legProofs': { label: 'What shows that the leg stands', stage: 'place' },
  'route.steps': { label: 'Steps of the maker’s own', stage: 'place' },
  'unit.catalogueEntry': { label: 'The catalogue entry against the manual', stage: 'choose' },
  'position.belt': { label: 'Belt at the place', stage: 'place' },
  'position.isofix': { label: 'ISOFIX bars at the place', stage: 'place' },
  'position.tether': { label: 'Tether anchorage', stage: 'place' },
  'position.frontAirbag': { label: 'Frontal airbag', stage: 'place' },
  'position.floor': { label: 'Floor under the leg', stage: 'place' },
  'position.cushion': { label: 'Cushion slope and height', stage: 'set-up' },
  'position.handbook': { label: 'Handbook letters for the place', stage: 'place' },
  'position.frontClearanceMm': { label: 'Distance to the seat in front', stage: 'place' },
  'position.facing': { label: 'Which way the seat faces', stage: 'place' },
  'position.slidingTrack': { label: 'Whether the seat slides, and the handbook’s setting', stage: 'place' },
  'position.isDriverSeat': { label: 'Which is the driver’s seat', stage: 'place' },
  'position.headRestraint': { label: 'Top of the vehicle’s head restraint', stage: 'place' },
  'position.lowerTetherPoints': { label: 'Points for the lower tethers', stage: 'place' },
  'setting.recline': { label: 'Recline set', stage: 'set-up' },
  'setting.legNotch': { label: 'Leg notch set', stage: 'set-up' },
  'setting.strapHeightMm': { label: 'Strap height set', stage: 'set-up' },
  'setting.wedge': { label: 'Wedge', stage: 'set-up' },
  'setting.insertsIn': { label: 'Inserts in or out', stage: 'set-up' },
  'setting.vehicleHeadRestraint': { label: 'Vehicle head restraint', stage: 'set-up' },
  'setting.frontSeatGapMm': { label: 'Front seat', stage: 'set-up' },
  'setting.slideMm': { label: 'Shell slid on its base', stage: 'set-up' },
}

/** A need in words, and the stage where it is answered; a step is named by the route that has it. */
export function describeNeed(need: Need, route?: Route): { readonly label: string; readonly stage: Stage } {
  if (need.startsWith('check.')) {
    const id = need.slice('check.'.length) as CheckId
    return { label: checkLabel(id), stage: CHECKS[id].stage }
  }
  if (need.startsWith('step.')) {
    const step = route?.steps?.find((x) => x.id === need.slice('step.'.length))
    return {
      label: `Do and note: ${(step?.text ?? need).replace(/\.$/, '')}`,
      stage: step?.onlyBefore === 'child-in' ? 'child-in' : 'attach',
    }
  }
  return NEED_TEXT[need as OtherNeed]
}
