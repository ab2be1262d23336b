import { useMay } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { labelOf, type FormLabels } from './labels.ts'
import type { Entry } from './useEntry.ts'
import * as msg from './messages.en.ts'

/** How many faults are listed; the rest stand at their fields. */
const LISTED = 6

interface CheckProps {
  readonly entry: Pick<Entry<unknown>, 'faults' | 'missing'>
  readonly labels: FormLabels
  readonly lints: readonly string[]
  /** "Contradicts its regulation". */
  readonly lintTitle: string
  readonly lintAdvice: string
  /** What may stay open and will be asked at each fitting. */
  readonly open?: readonly string[]
  /** Said when there is neither. */
  readonly sound: string
}

/** What is still needed, what is wrong and what contradicts itself, said while it is typed. */
export function EntryCheck({
  entry: { faults, missing },
  labels,
  lints,
  lintTitle,
  lintAdvice,
  open = [],
  sound,
}: CheckProps) {
  const wrong = [...faults].filter(([path]) => !missing.includes(path))
  return (
    <>
      {wrong.length > 0 && (
        <div role="status" className="mb-2">
          <StateMark
            state="fail"
            word={wrong.length === 1 ? msg.oneFieldIsNotValid : msg.fieldsAreNotValid(wrong.length)}
            size={14}
          />
          <ul className="mt-1 text-sm">
            {wrong.slice(0, LISTED).map(([path, message]) => (
              <li key={path}>
                <b>{labelOf(labels, path)}</b> {message}
              </li>
            ))}
          </ul>
        </div>
      )}
      {missing.length > 0 && (
        <div role="status" className="mb-2">
          <StateMark state="undecided" word={msg.stillNeeded} size={14} />
          <ul className="mt-1 text-sm">
            {missing.slice(0, LISTED).map((path) => (
              <li key={path}>{labelOf(labels, path)}</li>
            ))}
            {missing.length > LISTED && <li className="text-ink-soft">{msg.andMore(missing.length - LISTED)}</li>}
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
      {open.length > 0 && (
        <div role="status" className="mb-2">
          <StateMark state="undecided" word={msg.notKnownYet} size={14} />
          <ul className="mt-1 text-sm">
            {open.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </div>
      )}
      {wrong.length + missing.length === 0 && lints.length === 0 && <StateMark state="pass" word={sound} size={14} />}
    </>
  )
}

interface ActionProps {
  readonly entry: Pick<Entry<unknown>, 'isChanged' | 'leave' | 'remove'>
  readonly isNew: boolean
  /** "Save this car". */
  readonly keepLabel: string
}

export function EntryActions({ entry, isNew, keepLabel }: ActionProps) {
  const isLead = useMay('lead')
  if (!isLead) return <p className="text-ink-soft">{msg.aLeadKeepsTheCatalogue}</p>
  return (
    <div className="flex flex-wrap gap-2">
      <Button type="submit" look="main" disabled={!entry.isChanged}>
        {keepLabel}
      </Button>
      {!isNew && entry.isChanged && <Button onClick={entry.leave}>{msg.discardChanges}</Button>}
      {!isNew && (
        <Button look="quiet" onClick={() => void entry.remove()}>
          {msg.remove}
        </Button>
      )}
    </div>
  )
}
