import { type Child } from '@nimble-anchor/core/child'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { useState } from 'react'
import { Link } from 'react-router'
import { arrangeLink } from '../session/links.ts'
import { Refused, type VisitEntry } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { DateField } from '../ui/DateField.tsx'
import { parseDay, parseTime } from '../ui/days.ts'
import { TimeField } from '../ui/TimeField.tsx'

interface Props {
  readonly entry: VisitEntry
  readonly isNew: boolean
  readonly onKeep: (entry: VisitEntry) => Promise<void>
  readonly onRemove: () => void
  readonly onClose: () => void
}

const nameOf = (c: Child): string => [c.name, c.familyName].filter(Boolean).join(' ')

/** One line of the queue: when, who, for which child, in which car. */
export default function VisitDialog({ entry, isNew, onKeep, onRemove, onClose }: Props) {
  const [draft, setDraft] = useState(entry)
  const [fault, setFault] = useState('')
  const catalogue = useCatalogue((s) => s.catalogue)
  const children = (catalogue?.children ?? []).toSorted((a, b) => nameOf(a).localeCompare(nameOf(b)))
  async function keep(): Promise<void> {
    if (parseDay(draft.day) === undefined) return setFault('On which day? A day is needed.')
    if (parseTime(draft.time) === undefined) return setFault('At what time? A time is needed.')
    if (draft.who.trim() === '') return setFault('Who comes? A name is needed.')
    try {
      await onKeep({ ...draft, who: draft.who.trim() })
    } catch (error) {
      const faults = error instanceof Refused ? error.faults.map((f) => `${f.path.replace('$.', '')} ${f.message}`) : []
      setFault([error instanceof Error ? error.message : 'Not kept.', ...faults].join(' '))
    }
  }
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={isNew ? (entry.isWalkIn ? 'Walk-in' : 'Book a visit') : `Visit of ${entry.who}`}
    >
      {!isNew && entry.childId !== null && (
        <Link
          to={arrangeLink(entry.childId, entry.vehicleId ?? undefined)}
          className="mb-2 inline-flex min-h-11 items-center font-semibold underline decoration-line underline-offset-4 hover:bg-shoal"
        >
          Arrange the family in one car
        </Link>
      )}
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          void keep()
        }}
      >
        <div className="grid gap-3 sm:grid-cols-2">
          <DateField label="Day" value={draft.day} onChange={(day) => setDraft({ ...draft, day })} />
          <TimeField label="Time" value={draft.time} onChange={(time) => setDraft({ ...draft, time })} />
          <SelectField
            label="Child, if known"
            value={draft.childId ?? ''}
            options={[{ id: '', label: 'not known yet' }, ...children.map((c) => ({ id: c.id, label: nameOf(c) }))]}
            onChange={(id) => {
              const child = children.find((c) => c.id === id)
              // The family's name is what the fitter calls out.
              setDraft({ ...draft, childId: id || null, who: draft.who || (child?.familyName ?? child?.name ?? '') })
            }}
          />
          <SelectField
            label="Car, if known"
            value={draft.vehicleId ?? ''}
            options={[
              { id: '', label: 'not known yet' },
              ...(catalogue?.vehicles ?? []).map((v) => ({
                id: v.id,
                label: [vehicleName(v), v.plate].filter(Boolean).join(', '),
              })),
            ]}
            onChange={(id) => setDraft({ ...draft, vehicleId: id || null })}
          />
          <TextField
            label="Who comes"
            value={draft.who}
            maxLength={120}
            onChange={(who) => setDraft({ ...draft, who })}
          />
          <TextField
            label="Note"
            value={draft.note}
            maxLength={500}
            onChange={(note) => setDraft({ ...draft, note })}
          />
        </div>
        <p role="alert" className="min-h-6 font-semibold text-fail">
          {fault}
        </p>
        <div className="flex flex-wrap gap-2">
          <Button type="submit" look="main">
            Save
          </Button>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
          {!isNew && (
            <Button look="quiet" className="ml-auto" onClick={onRemove}>
              Take off the queue
            </Button>
          )}
        </div>
      </form>
    </Dialog>
  )
}
