import { proxy, wrap } from 'comlink'
import type { ForecastAnswer, ForecastRequest, ForecastWorker } from './protocol.ts'
import * as msg from './messages.en.ts'

export interface RunningForecast {
  readonly answer: Promise<ForecastAnswer>
  /** Ends the worker; the answer then never comes. */
  cancel(): void
}

export function startForecast(request: ForecastRequest, onProgress: (share: number) => void): RunningForecast {
  const worker = new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' })
  const answer = new Promise<ForecastAnswer>((resolve, reject) => {
    worker.addEventListener('error', (event) => reject(new Error(event.message || msg.forecastNotWorkedOut)))
    wrap<ForecastWorker>(worker).run(request, proxy(onProgress)).then(resolve, reject)
  }).finally(() => worker.terminate())
  return { answer, cancel: () => worker.terminate() }
}
