import { isIntegral, isIsofixHeld, isModeWithout, isRouteWithout } from '../restraint/index.ts'
import type { ModePart, RestraintModel, RoutePart } from '../restraint/index.ts'
import type { ModeSubject, Need, Outcome, RouteSubject } from './rule.ts'

/** What of a fitting a manual speaks of. */
type OfMode = Pick<ModeSubject, 'model' | 'mode'>
type OfRoute = Pick<RouteSubject, 'model' | 'mode' | 'route'>

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

const withPart = (part: ModePart, asks: string, isAsked: (s: OfMode) => boolean): Part<OfMode> => ({
  need: `mode.${part}`,
  asks,
  isAsked,
  isStated: ({ mode }) => mode[part] !== undefined || isModeWithout(mode, part),
})
const isShell = ({ mode }: OfMode): boolean => isIntegral(mode) && mode.shape !== 'lie-flat'

export const MODE_PARTS_ASKED: readonly Part<OfMode>[] = [
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
      mode.turns !== undefined && model.modes.some((m) => m.direction === 'forward') && isShell({ mode, model }),
    isStated: ({ mode }) => mode.turns?.forwardGuard !== undefined,
  },
  {
    need: 'mode.crotchBeltGuide',
    asks: 'whether a guide between the legs leads the lap section',
    isAsked: ({ mode }) => !isIntegral(mode),
    isStated: ({ mode }) => mode.crotchBeltGuide !== undefined,
  },
]

const withRoutePart = (part: RoutePart, asks: string, isAsked: (s: OfRoute) => boolean): Part<OfRoute> => ({
  need: `route.${part}`,
  asks,
  isAsked,
  isStated: ({ route }) => route[part] !== undefined || isRouteWithout(route, part),
})
const always = (): boolean => true
const ofShell = ({ mode }: OfRoute): boolean => isIntegral(mode)

export const ROUTE_PARTS_ASKED: readonly Part<OfRoute>[] = [
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
    reason: () => {
      // All are asked one by one where they are answered; here two speak for them.
      const more = open.length > 3 ? [`and ${open.length - 2} more`] : []
      const named = open.slice(0, more.length > 0 ? 2 : 3).map((p) => p.asks)
      return `Not read yet: ${[...named, ...more].join('; ')}.`
    },
    remedy: () => 'Look at the label, the manual or the restraint, and answer it with the entry.',
  }
}

/** Of an entry: what its manual has not yet been read for, by mode and route. */
export function unreadIn(
  model: RestraintModel,
): readonly { readonly where: string; readonly asks: readonly string[] }[] {
  const open = <S>(parts: readonly Part<S>[], subject: S): readonly string[] =>
    parts.filter((p) => p.isAsked(subject) && !p.isStated(subject)).map((p) => p.asks)
  return model.modes
    .flatMap((mode) => [
      { where: mode.label, asks: open(MODE_PARTS_ASKED, { model, mode }) },
      ...mode.routes.map((route) => ({
        where: `${mode.label}, ${route.label}`,
        asks: open(ROUTE_PARTS_ASKED, { model, mode, route }),
      })),
    ])
    .filter(({ asks }) => asks.length > 0)
}
