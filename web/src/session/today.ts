import type { DayView, FittingSummary } from '@nimble-anchor/core/formats'
import { api } from './api.ts'
import { again, type Asking, standingOf, type Standing, UNTIL_ASKED_AGAIN, useAnswer } from './queries.ts'

interface Today {
  readonly fittings: readonly FittingSummary[]
  /** The queue, what has come due, open jobs, and the day the server counts. */
  readonly day: DayView
}
/** @param isByItself nobody has asked for it: it keeps no device from locking */
const askedBy = (isByItself: boolean) =>
  ({
    queryKey: ['today'],
    queryFn: async (): Promise<Today> => {
      const [fittings, day] = await Promise.all([api.fittings(isByItself), api.day(isByItself)])
      return { fittings, day }
    },
    ...UNTIL_ASKED_AGAIN,
  }) as const
const asked = askedBy(false)

export const loadToday = again((isByItself: boolean = false) => askedBy(isByItself))

const NO_FITTINGS: readonly FittingSummary[] = []
export function useToday(asking?: Asking): {
  readonly fittings: Today['fittings']
  readonly day: DayView | undefined
  readonly status: Standing
} {
  const answer = useAnswer({ ...asked, ...asking })
  const fittings = answer.data?.fittings ?? NO_FITTINGS
  // An empty list that could not be asked for again is not known to be empty still.
  const status = answer.isError && fittings.length === 0 ? 'failed' : standingOf(answer)
  return { fittings, day: answer.data?.day, status }
}
const fittingsOf = (today: Today): Today['fittings'] => today.fittings
export const useFittings = (): readonly FittingSummary[] =>
  useAnswer({ ...asked, select: fittingsOf }).data ?? NO_FITTINGS
/** One thing of the day; nothing else that changes draws its reader anew. */
export const useDay = <S>(select: (day: DayView) => S, asking?: Asking): S | undefined =>
  useAnswer({ ...asked, ...asking, select: ({ day }: Today) => select(day) }).data
