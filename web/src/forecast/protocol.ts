import type { Band, ForecastInput, ModeForecast } from '@nimble-anchor/core/forecast'
import type { Circumstances } from '@nimble-anchor/core/match'
import type { Mode, RestraintModel, RestraintUnit } from '@nimble-anchor/core/restraint'

/** What page and worker say to each other. */
export interface ForecastItem {
  readonly model: RestraintModel
  readonly mode: Mode
  readonly unit?: RestraintUnit | undefined
}

export interface ForecastRequest {
  readonly input: ForecastInput
  readonly seed: number
  readonly count: number
  readonly circumstances: Circumstances
  readonly items: readonly ForecastItem[]
}

export interface ForecastAnswer {
  readonly input: ForecastInput
  readonly count: number
  readonly massKg: readonly Band[]
  readonly statureCm: readonly Band[]
  /** By `forecastKey`. */
  readonly modes: ReadonlyMap<string, ModeForecast>
}

export interface ForecastWorker {
  /** Share done, 0 to 1, is told between parts; to cancel, the worker is ended. */
  run(request: ForecastRequest, onProgress: (share: number) => void): Promise<ForecastAnswer>
}

export const forecastKey = ({ model, mode, unit }: ForecastItem): string => `${unit?.id ?? ''}/${model.id}/${mode.id}`
