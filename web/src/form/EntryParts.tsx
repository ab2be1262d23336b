import { Button } from '../ui/Button.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import type { Entry } from './useEntry.ts'

/** How many faults are listed; the rest stand at their fields. */
const LISTED = 6

interface CheckProps {
  readonly faults: ReadonlyMap<string, string>
  readonly lints: readonly string[]
  /** "Contradicts its regulation". */
  readonly lintTitle: string
  readonly lintAdvice: string
  /** Said when there is neither. */
  readonly sound: string
}

/** What is not valid and what contradicts itself, said while it is typed. */
export function EntryCheck({ faults, lints, lintTitle, lintAdvice, sound }: CheckProps) {
  return (
    <>
      {faults.size > 0 && (
        <div role="status" className="mb-2">
          <StateMark
            state="fail"
            word={faults.size === 1 ? 'One field is not valid' : `${faults.size} fields are not valid`}
            size={14}
          />
          <ul className="mt-1 text-sm">
            {[...faults].slice(0, LISTED).map(([path, message]) => (
              <li key={path}>
                <span className="text-ink-soft">{path}</span> {message}
              </li>
            ))}
          </ul>
        </div>
      )}
      {lints.length > 0 && (
        <div role="status" className="mb-2">
          <StateMark state="undecided" word={lintTitle} size={14} />
          <ul className="mt-1 text-sm">
            {lints.map((lint) => (
              <li key={lint}>{lint}</li>
            ))}
          </ul>
          <p className="mt-1 text-sm text-ink-soft">{lintAdvice}</p>
        </div>
      )}
      {faults.size === 0 && lints.length === 0 && <StateMark state="pass" word={sound} size={14} />}
    </>
  )
}

interface ActionProps {
  readonly entry: Pick<Entry<unknown>, 'isChanged' | 'parsed' | 'leave' | 'remove'>
  readonly isNew: boolean
  /** "Keep this car". */
  readonly keepLabel: string
}

export function EntryActions({ entry, isNew, keepLabel }: ActionProps) {
  return (
    <div className="flex flex-wrap gap-2">
      <Button type="submit" look="main" disabled={!entry.parsed.ok || !entry.isChanged}>
        {keepLabel}
      </Button>
      {!isNew && entry.isChanged && <Button onClick={entry.leave}>Discard changes</Button>}
      {!isNew && (
        <Button look="quiet" onClick={() => void entry.remove()}>
          Take it away
        </Button>
      )}
    </div>
  )
}
