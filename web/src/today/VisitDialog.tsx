import { VehicleId } from '@nimble-anchor/core/ground'
import { type Child } from '@nimble-anchor/core/child'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { Link } from 'react-router'
import { useFields } from '../form/useFields.ts'
import { arrangeLink } from '../session/links.ts'
import { type VisitEntry } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { DateField } from '../ui/DateField.tsx'
import { parseDay, parseTime } from '../ui/days.ts'
import { TimeField } from '../ui/TimeField.tsx'
import * as msg from './messages.en.ts'

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
  const { values, set, faultOf, fault, send, isBusy } = useFields<VisitEntry, 'day' | 'time' | 'who' | 'note'>(
    entry,
    ['day', 'time', 'who', 'note'],
    ({ day, time, who }) => ({
      day: parseDay(day) === undefined ? msg.onWhichDayADay : undefined,
      time: parseTime(time) === undefined ? msg.atWhatTimeATime : undefined,
      who: who.trim() === '' ? msg.whoComesANameIs : undefined,
    }),
  )
  const { catalogue } = useCatalogue()
  const children = (catalogue?.children ?? []).toSorted((a, b) => nameOf(a).localeCompare(nameOf(b)))
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={isNew ? (entry.isWalkIn ? msg.walkIn : msg.bookAVisit) : msg.visitOf(entry.who)}
    >
      {!isNew && entry.childId !== null && (
        <Link
          to={arrangeLink(entry.childId, entry.vehicleId ?? undefined)}
          className="mb-2 inline-flex min-h-11 items-center font-semibold underline decoration-line underline-offset-4 hover:bg-shoal"
        >
          {msg.arrangeTheFamilyInOne}
        </Link>
      )}
      <form className="flex flex-col gap-3" onSubmit={send((typed) => onKeep({ ...typed, who: typed.who.trim() }))}>
        <div className="grid gap-3 sm:grid-cols-2">
          <DateField label={msg.day} value={values.day} fault={faultOf('day')} onChange={set('day')} />
          <TimeField label={msg.time} value={values.time} fault={faultOf('time')} onChange={set('time')} />
          <SelectField
            label={msg.childIfKnown}
            value={values.childId ?? ''}
            options={[{ id: '', label: msg.notKnownYet }, ...children.map((c) => ({ id: c.id, label: nameOf(c) }))]}
            onChange={(id) => {
              const child = children.find((c) => c.id === id)
              set('childId')(id || null)
              // The family's name is what the fitter calls out.
              if (values.who === '') set('who')(child?.familyName ?? child?.name ?? '')
            }}
          />
          <SelectField
            label={msg.carIfKnown}
            value={values.vehicleId ?? ''}
            options={[
              { id: '', label: msg.notKnownYet },
              ...(catalogue?.vehicles ?? []).map((v) => ({
                id: v.id,
                label: [vehicleName(v), v.plate].filter(Boolean).join(', '),
              })),
            ]}
            onChange={(id) => set('vehicleId')(id === '' ? null : VehicleId(id))}
          />
          <TextField
            label={msg.whoComes}
            value={values.who}
            maxLength={120}
            fault={faultOf('who')}
            onChange={set('who')}
          />
          <TextField
            label={msg.note}
            value={values.note}
            maxLength={500}
            fault={faultOf('note')}
            onChange={set('note')}
          />
        </div>
        <p role="alert" className="min-h-6 font-semibold text-fail">
          {fault}
        </p>
        <div className="flex flex-wrap gap-2">
          <Button type="submit" look="main" disabled={isBusy}>
            {msg.save}
          </Button>
          <Button look="quiet" onClick={onClose}>
            {msg.cancel}
          </Button>
          {!isNew && (
            <Button look="quiet" className="ml-auto" onClick={onRemove}>
              {msg.takeOffTheQueue}
            </Button>
          )}
        </div>
      </form>
    </Dialog>
  )
}
