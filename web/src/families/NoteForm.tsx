import type { FamilyView } from '@nimble-anchor/core/formats'
import { useState } from 'react'
import { useUnsaved } from '../form/unsaved.ts'
import { api } from '../session/api.ts'
import { keepSeen, LeftTheirs } from '../session/meanwhile.ts'
import { Button } from '../ui/Button.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { TextField } from '../ui/TextField.tsx'

/** The family's name, and what the bay wants to remember of it. */
export function NoteForm({ view, onKept }: { view: FamilyView; onKept: (view: FamilyView) => void }) {
  const [name, setName] = useState(view.name)
  const [note, setNote] = useState(view.note)
  const isSame = name.trim() === view.name && note === view.note
  useUnsaved('name and note of the family', !isSame)
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        const entry = { name: name.trim(), note }
        const seen = { name: view.name, note: view.note }
        void keepSeen(`The note on ${view.name}`, entry, seen, (at) => api.keepFamily(view.id, entry, at)).then(
          onKept,
          (error: unknown) => {
            sayRefusal(error)
            if (!(error instanceof LeftTheirs)) return
            const theirs = error.standing as typeof entry
            setName(theirs.name)
            setNote(theirs.note)
            onKept({ ...view, ...theirs })
          },
        )
      }}
    >
      <TextField
        label="Family"
        value={name}
        maxLength={120}
        fault={name.trim() === '' ? 'needs a name' : undefined}
        onChange={setName}
      />
      <TextField label="Note" value={note} maxLength={2000} onChange={setNote} className="min-w-64 flex-1" />
      <Button type="submit" disabled={isSame || name.trim() === ''}>
        Save
      </Button>
    </form>
  )
}
