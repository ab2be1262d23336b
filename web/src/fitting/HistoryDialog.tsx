import { dateText } from '@nimble-anchor/core/quantities'
import type { HistoryEntry } from '@nimble-anchor/core/formats'
import { api } from '../session/api.ts'
import { useFitting } from '../session/fitting.ts'
import { useAnswer } from '../session/queries.ts'
import { useWho } from '../session/who.ts'
import { Dialog } from '../ui/Dialog.tsx'
import { changeText } from './changeText.ts'
import * as msg from './messages.en.ts'

const NONE: readonly HistoryEntry[] = []

/** Who entered what, when, from what; the newest first. Nothing is ever taken out of it. */
export function HistoryDialog({
  id,
  open,
  onOpenChange,
}: {
  id: string
  open: boolean
  onOpenChange: (open: boolean) => void
}) {
  const hasPeople = useWho((s) => s.session?.hasPeople === true)
  const sequence = useFitting((s) => s.view?.sequence)
  const { data: entries = NONE, isError } = useAnswer({
    queryKey: ['history', id, sequence],
    queryFn: () => api.history(id),
    enabled: open,
    // While another entry comes in the list stays: of this fitting, never of the one before.
    placeholderData: (before, of) => (of?.queryKey[1] === id ? before : undefined),
  })
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title={msg.history} asDrawer>
      {isError && <p role="alert">{msg.theServerDoesNotAnswer}</p>}
      {!isError && entries.length === 0 && <p className="text-ink-soft">{msg.nothingHasBeenEnteredYet}</p>}
      {!isError && (
        <ol className="divide-y divide-hair">
          {entries.toReversed().map((e) => (
            <li key={e.sequence} className="py-2">
              <p className="flex justify-between gap-2 text-sm text-ink-soft">
                <span>
                  {e.sequence} · {e.who}
                  {/* Where people sign in, a name that was typed before they did is told apart. */}
                  {hasPeople && !e.isSignedIn && msg.nameTyped}
                </span>
                <time dateTime={e.enteredAt}>{dateText(e.enteredAt, 'second-of-year')}</time>
              </p>
              {e.undoes !== null && <p className="text-sm font-semibold">{msg.tookBackEntry(e.undoes)}</p>}
              {e.changes.map((c) => (
                <p key={c.path.join('/')}>{changeText(c)}</p>
              ))}
            </li>
          ))}
        </ol>
      )}
    </Dialog>
  )
}
