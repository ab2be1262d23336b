import type { Need } from './rule.ts'

/** What is asked of an entry whose manual has not been read for a part: "Not read yet: …". */
const PART_ASKED: Partial<Record<Need, string>> = {
  'mode.wedge': 'whether a wedge belongs to it',
  'mode.carryHandle': 'whether it has a carrying handle, and where that stands in the car',
  'mode.turns': 'whether its shell turns',
  'route.isofix': 'whether its connectors are used too',
  'route.belt': 'whether the vehicle’s belt is used too',
  'route.leg': 'whether it stands on a leg',
  'route.topTether': 'whether a top tether is required, advised or not used',
  'route.lowerTethers': 'whether lower tethers are required, advised or not used',
  'route.reboundBar': 'whether it has a rebound bar',
  'route.limits': 'whether the maker limits mass or stature by this route',
  'mode.inserts': 'whether it has inserts, and until when',
  'mode.sidePod': 'whether it has a pod for the door side',
  'mode.forwardGuard': 'whether a guard blocks the forward direction',
  'mode.crotchBeltGuide': 'whether a guide between the legs leads the lap section',
  'route.usesBase': 'whether it goes on a base that stays in the car',
  'route.seatsTaken': 'whether it lies over one place or two',
  'route.frontSeat': 'whether it must, must not or may touch the seat in front',
  'route.pushedHome': 'whether its base must stand against the backrest',
  'route.legProofs': 'what shows that the leg is down',
  'route.steps': 'whether the manual asks for more than the usual steps',
}

export const partAsked = (need: Need): string => PART_ASKED[need] ?? need
