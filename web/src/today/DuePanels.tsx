import { dateText } from '@nimble-anchor/core/quantities'
import type { DayView } from '@nimble-anchor/core/formats'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { JOB_MARK } from '../jobs/jobMark.ts'
import { loadToday, useDay } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { Panel } from '../ui/Panel.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { useMedia } from '../ui/useMedia.ts'
import * as msg from './messages.en.ts'

const NOTHING: DayView['due'] = []

/** What is nearest to today stands first: the rest opens on a press. */
const SHOWN_ON_A_PHONE = 6

/** Between two looks at how far the forecasts are. */
const LOOK_AGAIN_MS = 2_000

/** What has come due for families, and within a fortnight; at the early end of each forecast. */
export function DuePanel() {
  const due = useDay((d) => d.due) ?? NOTHING
  const waiting = useDay((d) => d.dueWaiting) ?? 0
  useEffect(() => {
    if (waiting === 0) return
    const timer = setTimeout(() => void loadToday(), LOOK_AGAIN_MS)
    return () => clearTimeout(timer)
  }, [waiting, due])
  const isWide = useMedia('(min-width: 1024px)')
  const [showsAll, setShowsAll] = useState(false)
  if (due.length + waiting === 0) return null
  const shown = isWide || showsAll ? due : due.slice(0, SHOWN_ON_A_PHONE)
  return (
    <Panel
      title={msg.due}
      fills
      className="lg:flex-1"
      aside={
        <span className="text-sm text-ink-soft" role="status">
          {waiting > 0 ? msg.beingWorkedOutLeft(waiting) : msg.andWithinAFortnight}
        </span>
      }
    >
      <ul className="-my-2 divide-y divide-hair">
        {shown.map((d) => (
          <li key={`${d.fittingId}${d.item.id}`} className="grid gap-x-3 py-1.5 sm:grid-cols-[7rem_minmax(0,1fr)]">
            <span className={d.isPast ? 'font-bold' : 'text-ink-soft'}>{dateText(d.item.early)}</span>
            <span>
              <Link
                to={d.familyId === null ? `/fittings/${d.fittingId}/hand-over` : `/families/${d.familyId}`}
                className="inline-flex min-h-11 items-center font-bold underline decoration-line underline-offset-4 sm:min-h-0"
              >
                {d.childName}
              </Link>
              : {d.item.title}
              <span className="block text-sm text-ink-soft">
                {d.restraintName}
                {d.item.isFixed ? '' : msg.atTheEarliest}; {d.item.because}
              </span>
            </span>
          </li>
        ))}
      </ul>
      {shown.length < due.length && (
        <Button look="quiet" className="mt-1" onClick={() => setShowsAll(true)}>
          {msg.showAll(due.length)}
        </Button>
      )}
    </Panel>
  )
}

/** Jobs that nobody has finished: their units are off the shelf until then. */
export function JobsPanel() {
  const jobs = useDay((d) => d.jobs) ?? []
  if (jobs.length === 0) return null
  return (
    <Panel title={msg.jobsOnRestraints} fills className="lg:max-h-[35%] lg:shrink-0">
      <ul className="-my-2 divide-y divide-hair">
        {jobs.map((job) => (
          <li key={job.id}>
            <Link
              to={`/jobs/${job.id}`}
              className="grid min-h-11 gap-x-3 py-2 hover:bg-shoal sm:grid-cols-[9.500rem_minmax(0,1fr)]"
            >
              <StateMark state={JOB_MARK[job.state].mark} word={JOB_MARK[job.state].word} />
              <span>
                <b>{job.plan.title}</b>
                <span className="block text-sm text-ink-soft">
                  {job.unitName}
                  {job.plan.holdsUnit && msg.notForUseUntilIt}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </Panel>
  )
}
