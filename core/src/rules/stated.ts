import { isIntegral, isIsofixHeld, isModeWithout, isRouteWithout } from '../restraint/index.ts'
import type { ModePart, RoutePart } from '../restraint/index.ts'
import type { ModeSubject, Need, Outcome, RouteSubject } from './rule.ts'

/**
 * Parts that a manual either describes or says there are none of. An entry that
 * does neither has not been read: each such part asks one question, and is
 * never "has none". What else may stay unstated, and why, is argued in
 * `core/test/argued-facts.ts`.
 */
interface Part<S> {
  readonly need: Need
  /** "a leg": in "whether it has …". */
  readonly asks: string
  readonly isAsked: (s: S) => boolean
  readonly isStated: (s: S) => boolean
}

const withPart = (part: ModePart, asks: string, isAsked: (s: ModeSubject) => boolean): Part<ModeSubject> => ({
  need: `mode.${part}`,
  asks,
  isAsked,
  isStated: ({ mode }) => mode[part] !== undefined || isModeWithout(mode, part),
})
const isShell = ({ mode }: ModeSubject): boolean => isIntegral(mode) && mode.shape !== 'lie-flat'

export const MODE_PARTS_ASKED: readonly Part<ModeSubject>[] = [
  {
    need: 'mode.inserts',
    asks: 'whether it has inserts, and until when',
    isAsked: ({ mode }) => isIntegral(mode),
    isStated: ({ mode }) => mode.inserts !== undefined,
  },
  withPart('wedge', 'whether a wedge belongs to it', isShell),
  withPart(
    'carryHandle',
    'whether it has a carrying handle, and where that stands in the car',
    ({ mode }) => mode.shape === 'infant-shell' || mode.shape === 'lie-flat',
  ),
  withPart('turns', 'whether its shell turns', isShell),
  {
    need: 'mode.sidePod',
    asks: 'whether it has a pod for the door side',
    isAsked: ({ mode }) => mode.shape !== 'lie-flat' && mode.shape !== 'booster-cushion',
    isStated: ({ mode }) => mode.sidePod !== undefined,
  },
  {
    need: 'mode.forwardGuard',
    asks: 'whether a guard blocks the forward direction',
    isAsked: ({ mode, model }) =>
      mode.turns !== undefined &&
      model.modes.some((m) => m.direction === 'forward') &&
      isShell({ mode } as ModeSubject),
    isStated: ({ mode }) => mode.turns?.forwardGuard !== undefined,
  },
  {
    need: 'mode.crotchBeltGuide',
    asks: 'whether a guide between the legs leads the lap section',
    isAsked: ({ mode }) => !isIntegral(mode),
    isStated: ({ mode }) => mode.crotchBeltGuide !== undefined,
  },
]

const withRoutePart = (part: RoutePart, asks: string, isAsked: (s: RouteSubject) => boolean): Part<RouteSubject> => ({
  need: `route.${part}`,
  asks,
  isAsked,
  isStated: ({ route }) => route[part] !== undefined || isRouteWithout(route, part),
})
const always = (): boolean => true
const ofShell = ({ mode }: RouteSubject): boolean => isIntegral(mode)

export const ROUTE_PARTS_ASKED: readonly Part<RouteSubject>[] = [
  withRoutePart('isofix', 'whether its connectors are used too', always),
  withRoutePart('belt', 'whether the vehicle’s belt is used too', always),
  withRoutePart('leg', 'whether it stands on a leg', ofShell),
  withRoutePart('topTether', 'whether a top tether is required, advised or not used', ofShell),
  withRoutePart('lowerTethers', 'whether lower tethers are required, advised or not used', ofShell),
  withRoutePart(
    'reboundBar',
    'whether it has a rebound bar',
    ({ mode, route }) => mode.direction === 'rearward' && isIntegral(mode) && isIsofixHeld(route),
  ),
  withRoutePart('limits', 'whether the maker limits mass or stature by this route', always),
  {
    need: 'route.usesBase',
    asks: 'whether it goes on a base that stays in the car',
    isAsked: ofShell,
    isStated: ({ route }) => route.usesBase !== undefined,
  },
  {
    need: 'route.seatsTaken',
    asks: 'whether it lies over one place or two',
    isAsked: ({ mode }) => mode.direction === 'lateral',
    isStated: ({ route }) => route.seatsTaken !== undefined,
  },
  {
    need: 'route.frontSeat',
    asks: 'whether it must touch the seat in front, must not, or may',
    isAsked: ({ mode }) => mode.direction === 'rearward' && isIntegral(mode),
    isStated: ({ route }) => route.frontSeat !== undefined,
  },
  {
    need: 'route.pushedHome',
    asks: 'whether its base must stand against the backrest',
    isAsked: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
    isStated: ({ route }) => route.isofix?.pushedHome !== undefined,
  },
  {
    need: 'route.legProofs',
    asks: 'what shows that the leg stands',
    isAsked: ({ route }) => route.leg !== undefined,
    isStated: ({ route }) => route.leg?.proofs !== undefined,
  },
  {
    need: 'route.steps',
    asks: 'whether the manual asks for steps beside the usual ones',
    isAsked: always,
    isStated: ({ route }) => route.steps !== undefined,
  },
]

/** All stated, or the questions that are open. */
export function statedOutcome<S>(parts: readonly Part<S>[], subject: S): Outcome {
  const open = parts.filter((p) => p.isAsked(subject) && !p.isStated(subject))
  if (open.length === 0) return { kind: 'pass', reason: () => 'The entry states each part, or that there is none.' }
  return {
    kind: 'undecided',
    missing: open.map((p) => p.need),
    reason: () => `Not read yet: ${open.map((p) => p.asks).join('; ')}.`,
    remedy: () => 'Look at the label, the manual or the restraint, and answer it with the entry.',
  }
}
