import { STAGE_TEXT, STAGES, type Assessment, type Stage } from '@nimble-anchor/core/verdict'
import { useRef } from 'react'
import { NavLink } from 'react-router'
import { StateMark } from '../ui/StateMark.tsx'
import { useInView } from '../ui/useInView.ts'
import { stageMark } from './stages.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly id: string
  readonly stage: Stage
  readonly assessment: Assessment
  readonly staleStages: ReadonlySet<Stage>
}

/** Seven legs of a course, in working order, each with its state. */
export function StageBar({ id, stage, assessment, staleStages }: Props) {
  const list = useRef<HTMLOListElement>(null)
  useInView(list, '[aria-current="page"]', stage, 'center')
  return (
    <nav aria-label={msg.stages} className="no-print border-b border-line bg-sheet">
      <ol ref={list} className="flex overflow-x-auto lg:px-3">
        {STAGES.map((s, i) => (
          <li key={s} className="relative min-w-fit flex-1">
            <NavLink
              to={`/fittings/${id}/${s}`}
              className={({ isActive }) =>
                `flex min-h-13 items-center gap-2.5 border-b-4 px-3 whitespace-nowrap -outline-offset-4! ${isActive ? 'border-magenta bg-shoal font-bold' : 'border-transparent hover:bg-shoal'}`
              }
            >
              <span aria-hidden="true" className="text-xl leading-none font-light text-ink-soft">
                {i + 1}
              </span>
              <span>{STAGE_TEXT[s]}</span>
              <StateMark state={stageMark(assessment, s, staleStages)} size={14} />
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  )
}
