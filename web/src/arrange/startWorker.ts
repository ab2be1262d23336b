import { proxy, wrap } from 'comlink'
import type { ArrangeWorker } from './protocol.ts'
import * as msg from './messages.en.ts'

export interface Arranger extends ArrangeWorker {
  end(): void
}

/** One worker serves a page as long as it is open: what it has grown of the children is kept. */
export function startArranger(): Arranger {
  const worker = new Worker(new URL('./arrange.worker.ts', import.meta.url), { type: 'module' })
  const remote = wrap<ArrangeWorker>(worker)
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener('error', (event) => reject(new Error(event.message || msg.arrangementNotWorkedOut)))
  })
  // Told to whoever asks; with nobody asking it is no failure.
  failed.catch(() => undefined)
  return {
    arrange: (request, onProgress) => Promise.race([remote.arrange(request, proxy(onProgress)), failed]),
    places: (request, vehicleId, riderId, onPlace) =>
      Promise.race([remote.places(request, vehicleId, riderId, proxy(onPlace)), failed]),
    stop: () => void remote.stop(),
    stopPlaces: () => void remote.stopPlaces(),
    end: () => worker.terminate(),
  }
}
