import { type VehicleId } from '@nimble-anchor/core/ground'
import type { ArrangeProgress, ArrangeRequest, ArrangeResult, PlaceAnswer } from '@nimble-anchor/core/arrange'
import { useCallback, useEffect, useRef, useState } from 'react'
import { startArranger, type Arranger } from './startWorker.ts'

export interface Working {
  readonly status: 'running' | 'done' | 'failed'
  readonly progress?: ArrangeProgress | undefined
  /** The last whole answer, and what it was asked; shown quietly while the next is worked out. */
  readonly result?: ArrangeResult | undefined
  readonly request?: ArrangeRequest | undefined
  /** The answer of the whole pool, where one car was asked for. */
  readonly pool?: ArrangeResult | undefined
}

export type PlaceAnswers = ReadonlyMap<string, PlaceAnswer>
const NONE: PlaceAnswers = new Map()

/**
 * The arrangement of a question, worked out beside the page and stopped by a
 * press; then, where it was of one car, that of the whole pool; and for a rider
 * who is carried what each place says.
 */
export function useArranger(request: ArrangeRequest | undefined, pool: ArrangeRequest | undefined) {
  const arranger = useRef<Arranger>(undefined)
  const [working, setWorking] = useState<Working>({ status: 'running' })
  const [answers, setAnswers] = useState<PlaceAnswers>(NONE)
  const [isPoolRunning, setPoolRunning] = useState(false)

  useEffect(() => {
    const mine = startArranger()
    arranger.current = mine
    return () => {
      mine.end()
      arranger.current = undefined
    }
  }, [])

  useEffect(() => {
    const mine = arranger.current
    if (request === undefined || mine === undefined) return
    let isOver = false
    const run = async (): Promise<void> => {
      setWorking((w) => ({ ...w, status: 'running', progress: undefined, pool: undefined }))
      setPoolRunning(false)
      try {
        const result = await mine.arrange(request, (progress) => {
          if (!isOver) setWorking((w) => ({ ...w, progress }))
        })
        if (isOver) return
        setWorking((w) => ({ ...w, status: 'done', result, request, progress: undefined }))
        if (pool === undefined) return
        setPoolRunning(true)
        const ofPool = await mine.arrange(pool, () => undefined)
        if (isOver) return
        setPoolRunning(false)
        setWorking((w) => ({ ...w, pool: ofPool }))
      } catch {
        if (!isOver) setWorking((w) => ({ ...w, status: 'failed', progress: undefined }))
      }
    }
    void run()
    return () => {
      isOver = true
    }
  }, [request, pool])

  const carry = useCallback(
    (vehicleId: VehicleId, riderId: string) => {
      setAnswers(NONE)
      if (request === undefined) return
      void arranger.current
        ?.places(request, vehicleId, riderId, (answer) =>
          setAnswers((known) => new Map(known).set(answer.positionId, answer)),
        )
        .catch(() => undefined)
    },
    [request],
  )
  const putDown = useCallback(() => {
    arranger.current?.stopPlaces()
    setAnswers(NONE)
  }, [])
  const stop = useCallback(() => arranger.current?.stop(), [])
  return { working, isPoolRunning, stop, answers, carry, putDown }
}
