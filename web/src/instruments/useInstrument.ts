import {
  INSTRUMENTS,
  Settler,
  type InstrumentDriver,
  type Sample,
  type SettleState,
} from '@nimble-anchor/core/instruments'
import { useEffect, useRef, useState } from 'react'

export interface InstrumentReading {
  readonly state: SettleState
  /** The last samples, for the trace. */
  readonly trace: readonly Sample[]
  readonly gone: string | undefined
  /** It has been watched for long and has not come to rest. */
  readonly isLong: boolean
}

const TRACE_MS = 8000
/** After this long without rest the fitter is told to do without. */
export const LONG_MS = 30_000
const START: InstrumentReading = { state: { kind: 'waiting' }, trace: [], gone: undefined, isLong: false }

/**
 * Listens to an instrument until its reading has settled, then ends the stream.
 * A new driver object begins a new reading.
 */
export function useInstrument(
  driver: InstrumentDriver | null,
  onSettled: (value: number, plusMinus: number) => void,
): InstrumentReading {
  const [reading, setReading] = useState<{ readonly of: InstrumentDriver | null; readonly now: InstrumentReading }>({
    of: null,
    now: START,
  })
  const settled = useRef(onSettled)
  useEffect(() => {
    settled.current = onSettled
  }, [onSettled])
  useEffect(() => {
    if (!driver) return
    const settler = new Settler(INSTRUMENTS[driver.kind])
    let trace: readonly Sample[] = []
    let isOver = false
    const end = driver.start({
      sample(sample) {
        if (isOver) return
        const state = settler.push(sample)
        trace = [...trace, sample].filter((s) => s.tMs > sample.tMs - TRACE_MS)
        setReading({ of: driver, now: { state, trace, gone: undefined, isLong: sample.tMs > LONG_MS } })
        if (state.kind !== 'settled') return
        isOver = true
        end()
        settled.current(state.value, state.plusMinus)
      },
      gone(reason) {
        isOver = true
        setReading({ of: driver, now: { ...START, trace, gone: reason } })
      },
    })
    return () => {
      isOver = true
      end()
    }
  }, [driver])
  return reading.of === driver ? reading.now : START
}
