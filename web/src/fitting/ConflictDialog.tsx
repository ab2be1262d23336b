import { useFitting } from '../session/fitting.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { changeText } from './changeText.ts'
import * as msg from './messages.en.ts'

const valueAt = (record: unknown, path: readonly string[]): unknown => {
  const [root = '', key, field] = path
  const top = (record as Record<string, unknown>)[root]
  if (key === undefined) return top
  if (root === 'vehicle') {
    const places = (top as { positions?: { id: string }[] } | undefined)?.positions
    return (places?.find((p) => p.id === key) as Record<string, unknown> | undefined)?.[field ?? '']
  }
  return (top as Record<string, unknown> | undefined)?.[key]
}

/** Two people on one field: the second is told, shown both, and chooses; the history keeps both. */
export function ConflictDialog() {
  const { conflict, settleConflict } = useFitting()
  if (!conflict) return null
  return (
    <Dialog open onOpenChange={() => undefined} title={msg.thisWasChangedMeanwhile}>
      <p>{conflict.message}</p>
      <ul className="mt-2 list-disc pl-5">
        {conflict.mine.puts.map((p) => (
          <li key={p.path.join('/')}>
            {changeText({ path: p.path, from: valueAt(conflict.theirs.case, p.path), to: p.value }).replace(
              ', now ',
              ' (theirs), yours is ',
            )}
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap justify-end gap-2">
        <Button onClick={() => settleConflict('theirs')}>{msg.leaveTheirs}</Button>
        <Button look="main" onClick={() => settleConflict('mine')}>
          {msg.enterMine}
        </Button>
      </div>
    </Dialog>
  )
}
