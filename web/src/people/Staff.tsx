import { dateText } from '@nimble-anchor/core/quantities'
import { ROLES, type PersonView, type Role } from '@nimble-anchor/core/formats'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { toast } from 'sonner'
import { useFields } from '../form/useFields.ts'
import { api } from '../session/api.ts'
import { useWho } from '../session/who.ts'
import { Ask } from '../ui/Ask.tsx'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { SecretField } from '../ui/SecretField.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { queries, take, useAnswer } from '../session/queries.ts'
import { useRefusalSaid } from '../ui/useRefusalSaid.ts'
import { peopleAsked } from './questions.ts'
import { LEAST_PASSWORD } from './limits.ts'
import { PersonForm } from './PersonForm.tsx'
import { RecoveryCodes } from './RecoveryCodes.tsx'
import { ROLE_TEXT, ROLE_WORD } from './words.ts'
import * as msg from './messages.en.ts'

const NOBODY: readonly PersonView[] = []

/** Everybody who may sign in, and who has left. */
export function Staff() {
  const { data: people = NOBODY, error } = useAnswer(peopleAsked)
  useRefusalSaid(error)
  const [isAdding, setAdding] = useState(false)
  const [changing, setChanging] = useState<PersonView>()
  const [made, setMade] = useState<{ readonly name: string; readonly codes: readonly string[] }>()
  return (
    <div className="rounded-[3px] border border-line bg-sheet">
      <ul className="divide-y divide-hair">
        {people.map((p) => (
          <li key={p.id}>
            <Button
              look="bare"
              className="grid w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 px-3.5 py-2 text-left hover:bg-shoal sm:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,2fr)]"
              onClick={() => setChanging(p)}
            >
              <span className="min-w-0 truncate font-bold">{p.name}</span>
              <span>{p.isActive ? ROLE_WORD[p.role] : msg.hasLeft}</span>
              <span className="col-span-2 text-sm text-ink-soft sm:col-span-1">
                {[
                  p.hasPin ? msg.pin : msg.noPinYet,
                  p.passkeys > 0 && msg.countOfPasskeys(p.passkeys),
                  p.seenAt === null ? msg.hasNeverSignedIn : msg.signedIn2(dateText(p.seenAt, 'time-of-year')),
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </Button>
          </li>
        ))}
      </ul>
      <div className="border-t border-line p-3">
        <Button look="main" onClick={() => setAdding(true)}>
          <Plus size={18} aria-hidden="true" />
          {msg.addAPerson}
        </Button>
      </div>
      <Dialog open={isAdding} onOpenChange={setAdding} title={msg.addAPerson2}>
        <PersonForm
          isFirst={false}
          onAdded={(name, codes) => {
            setAdding(false)
            setMade({ name, codes })
            void queries.invalidateQueries(peopleAsked)
          }}
        />
      </Dialog>
      <RecoveryCodes name={made?.name ?? ''} codes={made?.codes ?? []} onDone={() => setMade(undefined)} />
      <Dialog open={changing !== undefined} onOpenChange={() => setChanging(undefined)} title={changing?.name ?? ''}>
        {changing && (
          <PersonChange
            key={changing.id}
            person={changing}
            onDone={(next) => {
              void take(peopleAsked.queryKey, next)
              setChanging(undefined)
            }}
          />
        )}
      </Dialog>
    </div>
  )
}

function PersonChange({
  person,
  onDone,
}: {
  readonly person: PersonView
  readonly onDone: (people: readonly PersonView[]) => void
}) {
  const own = useFields<{ readonly name: string; readonly role: Role }, 'name'>(
    { name: person.name, role: person.role },
    ['name'],
  )
  const { values, set, faultOf, fault } = own
  const reset = useFields({ password: '' }, ['password'])
  const [isLeaving, setLeaving] = useState(false)
  const change = (isActive: boolean) =>
    own.send(async ({ name, role }) => {
      const next = await api.changePerson(person.id, { name: name.trim(), role, isActive })
      void useWho.getState().load()
      onDone(next)
    })
  return (
    <div className="flex flex-col gap-4">
      <form className="flex flex-col gap-3" onSubmit={change(person.isActive)}>
        <TextField
          label={msg.name}
          value={values.name}
          onChange={set('name')}
          maxLength={120}
          fault={faultOf('name')}
        />
        <SelectField
          label={msg.whatTheyMayDo}
          value={values.role}
          options={ROLES.map((id) => ({ id, label: ROLE_TEXT[id] }))}
          onChange={(id) => set('role')(id as Role)}
        />
        {fault !== undefined && (
          <p role="alert" className="font-semibold text-fail">
            {fault}
          </p>
        )}
        <div className="flex flex-wrap gap-2">
          <Button type="submit" look="main">
            {msg.save}
          </Button>
          {person.isActive ? (
            <Button onClick={() => setLeaving(true)}>{msg.theyHaveLeft}</Button>
          ) : (
            <Button onClick={() => change(true)()}>{msg.theyAreBack}</Button>
          )}
        </div>
      </form>
      <Ask
        open={isLeaving}
        title={msg.leaves(person.name)}
        answers={[
          { label: msg.theyStay, onTake: () => setLeaving(false) },
          { label: msg.endTheirAccess, isMain: true, onTake: () => change(false)() },
        ]}
      >
        {msg.theyAreSignedOutEverywhere}
      </Ask>
      <form
        className="flex flex-col gap-3 border-t border-hair pt-3"
        onSubmit={reset.send(async ({ password }) => {
          const next = await api.resetPassword(person.id, password)
          toast(msg.hasANewPasswordAnd(person.name))
          onDone(next)
        })}
      >
        <SecretField
          label={msg.newPasswordWhereTheyHave}
          value={reset.values.password}
          onChange={reset.set('password')}
          autoComplete="new-password"
          fault={reset.faultOf('password') ?? reset.fault}
        />
        <div>
          <Button type="submit" disabled={reset.values.password.length < LEAST_PASSWORD}>
            {msg.setIt}
          </Button>
        </div>
      </form>
    </div>
  )
}
