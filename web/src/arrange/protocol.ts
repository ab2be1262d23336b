import { type VehicleId } from '@nimble-anchor/core/ground'
import type { ArrangeProgress, ArrangeRequest, ArrangeResult, PlaceAnswer } from '@nimble-anchor/core/arrange'

/** What page and worker say to each other. */
export interface ArrangeWorker {
  /** The whole answer; the best found so far once it is stopped. A question asked anew ends the one before it. */
  arrange(request: ArrangeRequest, onProgress: (progress: ArrangeProgress) => void): Promise<ArrangeResult>
  /** For every place of one car whether one rider could sit there, told place by place. */
  places(
    request: ArrangeRequest,
    vehicleId: VehicleId,
    riderId: string,
    onPlace: (answer: PlaceAnswer) => void,
  ): Promise<void>
  stop(): void
  stopPlaces(): void
}
