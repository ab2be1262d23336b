import { Link } from 'react-router'
import { JOB_MARK } from '../jobs/jobMark.ts'
import { useToday } from '../session/today.ts'
import { Panel } from '../ui/Panel.tsx'
import { StateMark } from '../ui/StateMark.tsx'

const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** What has come due for families, and within a fortnight; at the early end of each forecast. */
export function DuePanel() {
  const due = useToday((s) => s.day?.due) ?? []
  if (due.length === 0) return null
  return (
    <Panel title="Due" aside={<span className="text-sm text-ink-soft">and within a fortnight</span>}>
      <ul className="-my-2 divide-y divide-hair">
        {due.map((d) => (
          <li key={`${d.fittingId}${d.item.id}`} className="grid gap-x-3 py-2 sm:grid-cols-[7rem_minmax(0,1fr)]">
            <span className={d.isPast ? 'font-bold' : 'text-ink-soft'}>
              {day.format(new Date(`${d.item.early}T00:00:00Z`))}
            </span>
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
                {d.item.isFixed ? '' : ', at the earliest'}; {d.item.because}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  )
}

/** Jobs that nobody has finished: their units are off the shelf until then. */
export function JobsPanel() {
  const jobs = useToday((s) => s.day?.jobs) ?? []
  if (jobs.length === 0) return null
  return (
    <Panel title="Jobs on restraints">
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
                  {job.plan.holdsUnit && '; not for use until it is done'}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </Panel>
  )
}
