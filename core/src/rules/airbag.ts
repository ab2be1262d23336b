import { isDriversPlace } from '../vehicle/index.ts'
import type { PlaceSubject } from './rule.ts'

/** How the airbag in front of a forward-facing child in front must be, as handbook and manual say together. */
export type AirbagAsked = 'on' | 'off' | 'either' | 'not-stated' | 'contradicted'

export function airbagAsked({ position, route }: PlaceSubject): AirbagAsked {
  const handbook = position.handbook?.forwardAirbag
  const manual = route.frontAirbag
  if (handbook === undefined || manual === undefined) return 'not-stated'
  if (handbook === manual || manual === 'either') return handbook
  return handbook === 'either' ? manual : 'contradicted'
}

/** A front place that a passenger could sit on. */
export const isFrontPlace = ({ position, vehicle }: PlaceSubject): boolean =>
  position.row === 1 && !isDriversPlace(vehicle, position)
