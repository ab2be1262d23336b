import { bandsOf, forecastMode, growTrajectories, Passages } from '@nimble-anchor/core/forecast'
import { expose } from 'comlink'
import { forecastKey, type ForecastWorker } from './protocol.ts'

/** Children grown between two words of progress. */
const PART = 500
/** Share of the work that growing is; holding the limits against it is the rest. */
const GROWING_SHARE = 0.7

const worker: ForecastWorker = {
  async run({ input, seed, count, circumstances, items }, onProgress) {
    const growing = growTrajectories(input, { count, seed })
    while (!growing.grow(PART)) await onProgress((growing.done / count) * GROWING_SHARE)
    const passages = new Passages(growing.growth)
    const modes = new Map<string, ReturnType<typeof forecastMode>>()
    for (const [i, item] of items.entries()) {
      modes.set(forecastKey(item), forecastMode(passages, circumstances, item))
      if (i % 20 === 19) await onProgress(GROWING_SHARE + (1 - GROWING_SHARE) * (i / items.length))
    }
    return {
      input,
      count,
      massKg: bandsOf(growing.growth, 'massKg'),
      statureCm: bandsOf(growing.growth, 'statureCm'),
      modes,
    }
  },
}
expose(worker)
