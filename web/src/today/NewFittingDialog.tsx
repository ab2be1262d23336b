import { VehicleId } from '@nimble-anchor/core/ground'
import type { FittingView, VisitView } from '@nimble-anchor/core/formats'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { useMemo } from 'react'
import { healthAsked } from '../session/health.ts'
import { ON_OPENING, useAnswer } from '../session/queries.ts'
import { useFields } from '../form/useFields.ts'
import { api, type NewChild } from '../session/api.ts'
import { loadCatalogue, useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { CheckBox } from '../ui/CheckBox.tsx'
import { RadioDot, RadioRows } from '../ui/RadioDot.tsx'
import { TextInput } from '../ui/TextInput.tsx'
import { childSummary } from '../ui/childSummary.ts'
import * as msg from './messages.en.ts'

/** Chosen: the child that was added here. No id of a child looks like it. */
const NEW = '+'

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly onCreated: (fitting: FittingView) => void
  /** The visit that the fitting is for: its car is chosen, and its name is looked for. */
  readonly visit?: VisitView
}

function Row(props: { value: string; title: string; detail: string; isChosen: boolean }) {
  return (
    <label
      className={`flex min-h-12 items-center gap-3 border-b border-hair px-2 py-1.5 has-focus-visible:outline-3 has-focus-visible:-outline-offset-2 has-focus-visible:outline-magenta ${props.isChosen ? 'bg-shoal-deep' : 'hover:bg-shoal'}`}
    >
      <RadioDot id={props.value} />
      <span className="min-w-0">
        <span className="block font-bold">{props.title}</span>
        <span className="block text-sm text-ink-soft">{props.detail}</span>
      </span>
    </label>
  )
}

export default function NewFittingDialog(props: Props) {
  return (
    <Dialog open={props.open} onOpenChange={props.onOpenChange} title={msg.newFitting}>
      <NewFittingForm {...props} />
    </Dialog>
  )
}

const nameOf = (c: { readonly name: string; readonly familyName?: string | undefined }): string =>
  [c.name, c.familyName].filter(Boolean).join(' ')

interface Draft {
  readonly search: string
  readonly childId: string | undefined
  readonly typed: NewChild
  readonly vehicleId: string | undefined
  readonly arrived: boolean
}

/** Made anew each time the dialog opens. */
function NewFittingForm({ onOpenChange, onCreated, visit }: Props) {
  const { catalogue, status } = useCatalogue(ON_OPENING)
  const health = useAnswer({ ...healthAsked, ...ON_OPENING })
  const today = health.data?.today
  const isKnownName = (catalogue?.children ?? []).some((c) => nameOf(c).toLowerCase().includes(visit?.who.toLowerCase() ?? '')) // prettier-ignore
  const {
    values,
    set,
    fault: said,
    say,
    isBusy,
    send,
  } = useFields<Draft>({
    search: visit && isKnownName ? visit.who : '',
    childId: visit && !isKnownName ? NEW : undefined,
    typed: { name: '', familyName: visit?.who ?? '' },
    vehicleId: visit?.vehicleId ?? undefined,
    arrived: false,
  })
  const { search, childId, typed, vehicleId, arrived } = values
  const fault = said ?? (health.isError ? msg.theServerDoesNotAnswer : '')

  // Without the day the ages are missing, and the rows would grow under the hand that taps one.
  const isReady = catalogue !== null && (today !== undefined || fault !== '')
  const wanted = search.trim().toLowerCase()
  const byName = useMemo(
    () => (catalogue?.children ?? []).toSorted((a, b) => nameOf(a).localeCompare(nameOf(b))),
    [catalogue],
  )
  const children = byName.filter((c) => nameOf(c).toLowerCase().includes(wanted))

  /** A walk-in: a name that nobody has is enough to begin, the rest is measured. It is kept with its fitting, not before. */
  const [newName = '', ...newFamily] = search.trim().split(/\s+/)
  const isTyping = childId === NEW
  const fromSearch: NewChild | undefined =
    wanted === '' ||
    // Of a visit the family’s name is known, and nothing else.
    search === visit?.who ||
    children.some((c) => [c.name, c.familyName].filter(Boolean).join(' ').toLowerCase() === wanted)
      ? undefined
      : { name: newName, ...(newFamily.length > 0 && { familyName: newFamily.join(' ') }) }
  const typedChild: NewChild | undefined =
    typed.name.trim() === ''
      ? undefined
      : { name: typed.name.trim(), ...(typed.familyName?.trim() && { familyName: typed.familyName.trim() }) }
  const added = isTyping ? typedChild : fromSearch
  const isNew = isTyping || (added !== undefined && isReady && children.length === 0)
  function choose(id: string): void {
    // A name that was typed to be found is the name of the one who is not listed.
    if (id === NEW && fromSearch) set('typed')({ familyName: '', ...fromSearch })
    set('childId')(id)
    say('')
  }

  async function begin(): Promise<void> {
    // A name that only one child has is a choice: typed and Enter pressed, the fitting begins.
    const named = isReady && wanted !== '' && children.length === 1 ? children[0]?.id : undefined
    // One who was chosen and is no longer listed was chosen under another name: nobody sees it, so it does not count.
    const chosen = isNew ? NEW : (children.find((c) => c.id === childId)?.id ?? named)
    if (chosen === undefined) return say(msg.chooseAChildOrAdd)
    if (chosen === NEW && added === undefined) return say(msg.typeTheFirstNameOf)
    set('childId')(chosen)
    onCreated(
      await api.create(chosen === NEW && added ? added : chosen, {
        vehicleId: vehicleId === undefined ? undefined : VehicleId(vehicleId),
        visitId: visit?.id,
        arrivedInstalled: arrived,
      }),
    )
    void loadCatalogue()
  }

  return (
    <form onSubmit={send(begin)}>
      {status === 'failed' && <p role="alert">{msg.theServerDoesNotAnswerClose}</p>}
      <div className="grid gap-4 sm:grid-cols-2">
        <fieldset className="min-w-0">
          <legend className="mb-1 font-bold">{msg.child}</legend>
          {isTyping ? (
            <div className="mb-1 grid grid-cols-2 gap-2">
              {(['name', 'familyName'] as const).map((field) => (
                <TextInput
                  key={field}
                  aria-label={field === 'name' ? msg.firstName : msg.familyName}
                  placeholder={field === 'name' ? msg.firstName : msg.familyName}
                  autoFocus={field === 'name'}
                  maxLength={120}
                  value={typed[field] ?? ''}
                  onChange={(e) => set('typed')({ ...typed, [field]: e.target.value })}
                  className="w-full min-w-0"
                />
              ))}
            </div>
          ) : (
            <TextInput
              aria-label={msg.findAChildByName}
              placeholder={msg.findByName}
              value={search}
              onChange={(e) => set('search')(e.target.value)}
              className="mb-1 w-full"
            />
          )}
          <RadioRows
            aria-label={msg.child}
            value={isNew ? NEW : (childId ?? '')}
            onValueChange={choose}
            className="max-h-[42dvh] overflow-y-auto rounded-[3px] border border-line"
          >
            {!isReady && <p className="p-3 text-ink-soft">{msg.loading}</p>}
            {isReady && (
              <Row
                value={NEW}
                title={added ? msg.add(nameOf(added)) : msg.addAChild}
                detail={msg.aNewChildAName}
                isChosen={isNew}
              />
            )}
            {(isReady ? children : []).map((c) => (
              <Row
                key={c.id}
                value={c.id}
                title={[c.name, c.familyName].filter(Boolean).join(' ')}
                detail={today ? childSummary(c, today) : ''}
                isChosen={c.id === childId}
              />
            ))}
          </RadioRows>
        </fieldset>
        <fieldset className="min-w-0">
          <legend className="mb-1 font-bold">{msg.car}</legend>
          <p className="mb-1 flex min-h-11 items-center text-sm text-ink-soft">{msg.itCanAlsoBeChosen}</p>
          <RadioRows
            aria-label={msg.car}
            value={vehicleId ?? ''}
            onValueChange={set('vehicleId')}
            className="max-h-[42dvh] overflow-y-auto rounded-[3px] border border-line"
          >
            {(catalogue?.vehicles ?? []).map((v) => (
              <Row
                key={v.id}
                value={v.id}
                title={vehicleName(v)}
                detail={[v.plate, v.note].filter(Boolean).join(' · ')}
                isChosen={v.id === vehicleId}
              />
            ))}
          </RadioRows>
        </fieldset>
      </div>
      <CheckBox className="mt-3" checked={arrived} onChange={set('arrived')}>
        <span>
          {msg.itCameAlreadyFitted} <span className="text-sm text-ink-soft">{msg.lookFirstThenPutRight}</span>
        </span>
      </CheckBox>
      <p role="alert" className="min-h-6 pt-2 font-semibold text-fail">
        {fault}
      </p>
      <div className="flex justify-end gap-2">
        <Button look="quiet" onClick={() => onOpenChange(false)}>
          {msg.cancel}
        </Button>
        <Button type="submit" look="main" disabled={isBusy}>
          {msg.begin}
        </Button>
      </div>
    </form>
  )
}
