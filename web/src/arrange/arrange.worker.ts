import { arranging, eachPlace } from '@nimble-anchor/core/arrange'
import { expose } from 'comlink'
import type { ArrangeWorker } from './protocol.ts'

/** Time between two words of progress, in ms; a word lets a stop be heard. */
const TELL_MS = 60

let asked = 0
let isStopped = false
let askedPlaces = 0

/** Until whatever has come in meanwhile was heard. */
const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))

const worker: ArrangeWorker = {
  async arrange(request, onProgress) {
    const mine = ++asked
    isStopped = false
    // Asked twice in one breath, the first is not begun.
    await breath()
    const steps = arranging(request)
    let told = performance.now()
    for (;;) {
      const step = steps.next(isStopped || mine !== asked ? 'stop' : undefined)
      if (step.done === true) return step.value
      if (performance.now() - told < TELL_MS) continue
      onProgress(step.value)
      await breath()
      told = performance.now()
    }
  },
  async places(request, vehicleId, riderId, onPlace) {
    const mine = ++askedPlaces
    const steps = eachPlace(request, vehicleId, riderId)
    for (;;) {
      const step = steps.next(mine === askedPlaces ? undefined : 'stop')
      if (step.done === true) return
      if (step.value !== undefined && mine === askedPlaces) onPlace(step.value)
      await breath()
    }
  },
  stop() {
    isStopped = true
  },
  stopPlaces() {
    askedPlaces += 1
  },
}
expose(worker)
