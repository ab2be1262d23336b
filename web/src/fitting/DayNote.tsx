import { dateText } from '@nimble-anchor/core/quantities'
import { useFitting } from '../session/fitting.ts'
import { useDay } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { Told } from '../ui/Told.tsx'
import * as msg from './messages.en.ts'

/** A child grows and a life ends: a verdict of another day says so, and is made again at a tap. */
export function DayNote({ judgedFor, isSigned }: { judgedFor: string; isSigned: boolean }) {
  const put = useFitting((s) => s.put)
  const today = useDay((d) => d.today)
  if (isSigned || today === undefined || today === judgedFor) return null
  return (
    <section
      aria-label={msg.judgedForAnotherDay}
      className="no-print mx-3 mt-3 flex flex-wrap items-center justify-between gap-3 rounded-[3px] border-2 border-stale bg-sheet px-3 py-2 lg:mx-5"
    >
      <p>
        <Told text={msg.verdictIsForDay(dateText(judgedFor, 'long-day'))} />
      </p>
      <Button look="main" onClick={() => put([{ path: ['today'], value: today }])}>
        {msg.judgeForToday}
      </Button>
    </section>
  )
}
