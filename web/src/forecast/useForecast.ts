import { type Case } from '@nimble-anchor/core/casefile'
import { DEFAULT_TRAJECTORIES, forecastInput, forecastSeed } from '@nimble-anchor/core/forecast'
import { type StockItem } from '@nimble-anchor/core/match'
import { useEffect, useMemo } from 'react'
import { create } from 'zustand'
import type { ForecastAnswer, ForecastRequest } from './protocol.ts'
import { startForecast, type RunningForecast } from './startWorker.ts'

interface ForecastState {
  readonly status: 'idle' | 'running' | 'done' | 'cancelled' | 'failed'
  /** Share done, 0 to 1. */
  readonly share: number
  /** The last whole answer, and what it was for: shown only for the same child. */
  readonly answer: ForecastAnswer | null
  readonly key: string
  start(key: string, request: ForecastRequest): void
  /** Stops the forecast of this key, begun or still to begin. */
  cancel(key: string): void
}

let running: RunningForecast | undefined
/** Typing a measure must not start a forecast for every figure typed. */
const CALM_MS = 250

export const useForecastStore = create<ForecastState>()((set, get) => ({
  status: 'idle',
  share: 0,
  answer: null,
  key: '',
  start(key, request) {
    running?.cancel()
    set({ key, status: 'running', share: 0, answer: null })
    const mine = startForecast(request, (share) => {
      if (get().key === key && get().status === 'running') set({ share })
    })
    running = mine
    mine.answer.then(
      (answer) => {
        if (running === mine) set({ status: 'done', share: 1, answer })
      },
      () => {
        if (running === mine) set({ status: 'failed' })
      },
    )
  },
  cancel(key) {
    running?.cancel()
    running = undefined
    set({ key, status: 'cancelled', share: 0, answer: null })
  },
}))

export interface Forecast {
  readonly status: ForecastState['status'] | 'not-enough'
  readonly share: number
  readonly answer: ForecastAnswer | null
  readonly restart: () => void
  readonly cancel: () => void
}

/** The growth forecast of the child of a case against a stock, worked out beside the page and kept while nothing it rests on changes. */
export function useForecast(current: Case, stock: readonly StockItem[]): Forecast {
  const { child, today, practice, localRule } = current
  const request = useMemo((): ForecastRequest | undefined => {
    const input = forecastInput(child, today)
    if (!input || stock.length === 0) return undefined
    return {
      input,
      seed: forecastSeed(input),
      count: DEFAULT_TRAJECTORIES,
      circumstances: { child, today, practice, localRule },
      items: stock.flatMap(({ model, unit }) => model.modes.map((mode) => ({ model, mode, unit }))),
    }
  }, [child, today, practice, localRule, stock])
  const key = useMemo(() => {
    if (!request) return ''
    const { circumstances, items } = request
    // Of the profile only the infant's head moves a limit.
    return JSON.stringify([request.input, circumstances.today, circumstances.practice.infantHead, items])
  }, [request])
  const store = useForecastStore()
  const { start } = store
  useEffect(() => {
    if (!request || useForecastStore.getState().key === key) return
    const timer = setTimeout(() => {
      if (useForecastStore.getState().key !== key) start(key, request)
    }, CALM_MS)
    return () => clearTimeout(timer)
  }, [key, request, start])
  const isMine = store.key === key
  return {
    status: request === undefined ? 'not-enough' : isMine ? store.status : 'running',
    share: isMine ? store.share : 0,
    answer: request !== undefined && isMine ? store.answer : null,
    restart: () => request && start(key, request),
    cancel: () => store.cancel(key),
  }
}
