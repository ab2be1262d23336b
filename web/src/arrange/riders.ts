import { type VehicleId } from '@nimble-anchor/core/ground'
import {
  factText,
  whyNotThereText,
  type Arrangement,
  type ArrangeRequest,
  type PlaceAnswer,
} from '@nimble-anchor/core/arrange'
import { adultName, type Asked, type namesOf } from './question.ts'
import * as msg from './messages.en.ts'

export interface RiderOnPlan {
  readonly id: string
  readonly name: string
  readonly kind: 'child' | 'adult'
  readonly positionIds: readonly string[]
  readonly isPinned: boolean
}

/** Everybody who is asked for, where the arrangement seats them; whoever is left out has no place. */
export function ridersOf(
  request: ArrangeRequest,
  asked: Asked,
  arrangement: Arrangement | undefined,
): readonly RiderOnPlan[] {
  return [
    ...request.children.map((c): RiderOnPlan => {
      const seat = arrangement?.seats.find((s) => s.childId === c.id)
      return {
        id: c.id,
        name: c.name,
        kind: 'child',
        positionIds: [seat?.positionId, seat?.secondPositionId].filter((id) => id !== undefined),
        isPinned: asked.pins.some((p) => p.kind === 'child-at' && p.childId === c.id),
      }
    }),
    ...asked.adults.map((a): RiderOnPlan => {
      const at = arrangement?.adults.find((x) => x.adultId === a.id)?.positionId
      return {
        id: a.id,
        name: adultName(asked, a.id),
        kind: 'adult',
        positionIds: at === undefined ? [] : [at],
        isPinned: a.positionId !== undefined,
      }
    }),
  ]
}

/** What a place says to whoever is carried over it. */
export function answerText(answer: PlaceAnswer, vehicleId: VehicleId, names: ReturnType<typeof namesOf>): string {
  switch (answer.verdict) {
    case 'fits':
      return 'yes'
    case 'fits-if-measured': {
      const [first, second] = answer.facts
      return `perhaps. ${[first, second].flatMap((f) => (f ? [factText(f, names)] : [])).join('; ')}`
    }
    case 'does-not-fit':
      return `no. ${answer.why === undefined ? '' : whyNotThereText(answer.why, vehicleId, names)}`.trim()
    case 'not-known':
      return msg.notWorkedOut2
  }
}
