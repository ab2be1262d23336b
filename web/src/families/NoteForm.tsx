import type { FamilyView } from '@nimble-anchor/core/formats'
import { useFields } from '../form/useFields.ts'
import { useUnsaved } from '../form/unsaved.ts'
import { api } from '../session/api.ts'
import { keepSeen, LeftTheirs } from '../session/meanwhile.ts'
import { Button } from '../ui/Button.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { TextField } from '../ui/TextField.tsx'
import * as msg from './messages.en.ts'

/** The family's name, and what the bay wants to remember of it. */
export function NoteForm({ view, onKept }: { view: FamilyView; onKept: (view: FamilyView) => void }) {
  const { values, set, take, send, isRight } = useFields({ name: view.name, note: view.note }, [], ({ name }) => ({
    name: name.trim() === '' ? msg.needsAName : undefined,
  }))
  const isSame = values.name.trim() === view.name && values.note === view.note
  useUnsaved(msg.nameAndNoteOfThe, !isSame)
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={send(({ name, note }) => {
        const entry = { name: name.trim(), note }
        const seen = { name: view.name, note: view.note }
        return keepSeen(msg.theNoteOn(view.name), entry, seen, (at) => api.keepFamily(view.id, entry, at)).then(
          onKept,
          (error: unknown) => {
            sayRefusal(error)
            if (!(error instanceof LeftTheirs)) return
            const theirs = error.standing as typeof entry
            take(theirs)
            onKept({ ...view, ...theirs })
          },
        )
      })}
    >
      <TextField
        label={msg.family}
        value={values.name}
        maxLength={120}
        fault={isRight ? undefined : msg.needsAName}
        onChange={set('name')}
      />
      <TextField
        label={msg.note}
        value={values.note}
        maxLength={2000}
        onChange={set('note')}
        className="min-w-64 flex-1"
      />
      <Button type="submit" disabled={isSame || !isRight}>
        {msg.save}
      </Button>
    </form>
  )
}
