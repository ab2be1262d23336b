import { ROLES, type Role, type SessionView } from '@nimble-anchor/core/formats'
import { useFields } from '../form/useFields.ts'
import { api } from '../session/api.ts'
import { usePreferences } from '../session/preferences.ts'
import { Button } from '../ui/Button.tsx'
import { Choices } from '../ui/Choices.tsx'
import { SecretField } from '../ui/SecretField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { LEAST_PASSWORD } from './limits.ts'
import { ROLE_TEXT } from './words.ts'
import * as msg from './messages.en.ts'

interface Props {
  /** The first keeps the bay, and there is no choice. */
  readonly isFirst: boolean
  readonly onAdded: (name: string, codes: readonly string[], session: SessionView | undefined) => void
}

/** A new person: name, role, and a password that they change themselves. */
export function PersonForm({ isFirst, onAdded }: Props) {
  const typed = usePreferences((s) => s.fitterName)
  const { values, set, faultOf, fault, send, isRight, isBusy } = useFields<
    {
      readonly name: string
      readonly role: Role
      readonly password: string
    },
    'name' | 'password'
  >(
    { name: isFirst ? typed : '', role: isFirst ? 'lead' : 'fitter', password: '' },
    ['name', 'password'],
    ({ name, password }) => ({
      name: name.trim() === '' ? msg.needsAName : undefined,
      password: password.length < LEAST_PASSWORD ? msg.needsAtLeastSigns(LEAST_PASSWORD) : undefined,
    }),
  )
  return (
    <form
      className="flex max-w-lg flex-col gap-3"
      onSubmit={send(async ({ name, role, password }) => {
        const { recoveryCodes, session } = await api.addPerson({ name: name.trim(), role, password })
        onAdded(name.trim(), recoveryCodes, session)
      })}
    >
      <TextField
        label={isFirst ? msg.yourName : msg.name}
        value={values.name}
        onChange={set('name')}
        autoComplete={isFirst ? 'username' : 'off'}
        maxLength={120}
        fault={faultOf('name')}
      />
      {!isFirst && (
        <Choices
          legend={msg.whatTheyMayDo}
          options={ROLES.map((id) => ({ id, label: ROLE_TEXT[id] }))}
          value={values.role}
          onChoose={(id) => set('role')(id as Role)}
        />
      )}
      <SecretField
        label={isFirst ? msg.password : msg.passwordToBeginWith}
        value={values.password}
        onChange={set('password')}
        autoComplete="new-password"
        hint={msg.atLeast10SignsThree}
        fault={faultOf('password') ?? fault}
      />
      <div>
        <Button type="submit" look="main" disabled={isBusy || !isRight}>
          {isFirst ? msg.signInFromNowOn : msg.addThem}
        </Button>
      </div>
    </form>
  )
}
