import { useFitting } from '../session/fitting.ts'
import { Button } from '../ui/Button.tsx'

/** Says whether what is on screen is kept, and takes the last entry back. */
export function SaveLine({ isSigned, onHistory }: { isSigned: boolean; onHistory: () => void }) {
  const { saving, queue, undo } = useFitting()
  const text = isSigned
    ? 'Signed and closed'
    : saving === 'offline'
      ? `Not saved yet: ${queue.length === 1 ? '1 entry waits' : `${queue.length} entries wait`} on this device`
      : saving === 'saving'
        ? 'Saving'
        : 'Everything saved'
  return (
    <div className="no-print mt-2 flex flex-wrap items-center justify-between gap-x-2 text-sm">
      <p role="status" className={saving === 'offline' ? 'font-bold text-stale' : 'text-ink-soft'}>
        {text}
      </p>
      <span className="flex">
        {!isSigned && (
          <Button look="quiet" className="px-2! text-sm!" onClick={() => void undo()}>
            Undo
          </Button>
        )}
        <Button look="quiet" className="px-2! text-sm!" onClick={onHistory}>
          History
        </Button>
      </span>
    </div>
  )
}
