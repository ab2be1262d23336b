import { ROLES, type Role, type SessionView } from '@nimble-anchor/core/formats'
import { useState } from 'react'
import { api } from '../session/api.ts'
import { usePreferences } from '../session/preferences.ts'
import { Button } from '../ui/Button.tsx'
import { Choices } from '../ui/Choices.tsx'
import { SecretField } from '../ui/SecretField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { faultOf, wholeFault } from './faults.ts'
import { ROLE_TEXT } from './words.ts'

interface Props {
  /** The first keeps the bay, and there is no choice. */
  readonly isFirst: boolean
  readonly onAdded: (name: string, codes: readonly string[], session: SessionView | undefined) => void
}

/** A new person: name, role, and a password that they change themselves. */
export function PersonForm({ isFirst, onAdded }: Props) {
  const typed = usePreferences((s) => s.fitterName)
  const [name, setName] = useState(isFirst ? typed : '')
  const [role, setRole] = useState<Role>(isFirst ? 'lead' : 'fitter')
  const [password, setPassword] = useState('')
  const [error, setError] = useState<unknown>()
  const [isBusy, setBusy] = useState(false)
  const nameFault = faultOf(error, 'name')
  const passwordFault = faultOf(error, 'password') ?? (error !== undefined && nameFault === undefined ? wholeFault(error) : undefined) // prettier-ignore
  async function add(): Promise<void> {
    setBusy(true)
    setError(undefined)
    try {
      const { recoveryCodes, session } = await api.addPerson({ name: name.trim(), role, password })
      onAdded(name.trim(), recoveryCodes, session)
    } catch (refused) {
      setError(refused)
    } finally {
      setBusy(false)
    }
  }
  return (
    <form
      className="flex max-w-lg flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        void add()
      }}
    >
      <TextField
        label={isFirst ? 'Your name' : 'Name'}
        value={name}
        onChange={setName}
        autoComplete={isFirst ? 'username' : 'off'}
        maxLength={120}
        fault={nameFault}
      />
      {!isFirst && (
        <Choices
          legend="What they may do"
          options={ROLES.map((id) => ({ id, label: ROLE_TEXT[id] }))}
          value={role}
          onChoose={(id) => setRole(id as Role)}
        />
      )}
      <SecretField
        label={isFirst ? 'Password' : 'Password to begin with'}
        value={password}
        onChange={setPassword}
        autoComplete="new-password"
        hint="At least 10 signs: three or four words that do not belong together."
        fault={passwordFault}
      />
      <div>
        <Button type="submit" look="main" disabled={isBusy || name.trim() === '' || password.length < 10}>
          {isFirst ? 'Sign in from now on' : 'Add them'}
        </Button>
      </div>
    </form>
  )
}
