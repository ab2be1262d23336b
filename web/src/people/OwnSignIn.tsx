import type { PasskeyView } from '@nimble-anchor/core/formats'
import { Fingerprint } from 'lucide-react'
import { useEffect, useState } from 'react'
import { toast } from 'sonner'
import { api } from '../session/api.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { SecretField } from '../ui/SecretField.tsx'
import { useFields } from '../form/useFields.ts'
import { LEAST_PASSWORD, LEAST_PIN } from './limits.ts'
import { Form } from './Form.tsx'
import { isCalledOff, makePasskey } from './passkey.ts'
import { RecoveryCodes } from './RecoveryCodes.tsx'

/** PIN, passkeys, password and printed codes of whoever is signed in. */
export function OwnSignIn() {
  const session = useWho((s) => s.session)
  if (!session?.person) return null
  return (
    <div className="grid items-start gap-3 lg:grid-cols-2">
      <Pin hasPin={session.person.hasPin} />
      <Passkeys canPasskey={session.canPasskey} />
      <Password />
      <Codes name={session.person.name} />
    </div>
  )
}

function Pin({ hasPin }: { readonly hasPin: boolean }) {
  const { values, set, take, faultOf, fault, send } = useFields({ pin: '' }, ['pin'])
  const keep = async (next: string | null): Promise<void> => {
    useWho.getState().take(await api.setPin(next))
    take({ pin: '' })
    toast(next === null ? 'The PIN is gone.' : 'The PIN is set.')
  }
  return (
    <Panel title="PIN" aside={<span className="text-sm text-ink-soft">{hasPin ? 'set' : 'none yet'}</span>}>
      <Form onSubmit={send(({ pin }) => keep(pin))}>
        <p className="text-ink-soft">
          4 to 8 figures. By it you come back to a device that you have signed in on in this shift, and no other.
        </p>
        <SecretField
          label={hasPin ? 'New PIN' : 'PIN'}
          value={values.pin}
          onChange={set('pin')}
          autoComplete="off"
          isPin
          fault={faultOf('pin') ?? fault}
        />
        <div className="flex flex-wrap gap-2">
          <Button type="submit" disabled={values.pin.length < LEAST_PIN}>
            Set the PIN
          </Button>
          {hasPin && (
            <Button look="quiet" onClick={() => send(() => keep(null))()}>
              Take it away
            </Button>
          )}
        </div>
      </Form>
    </Panel>
  )
}

const stamp = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric' })

function Passkeys({ canPasskey }: { readonly canPasskey: boolean }) {
  const [keys, setKeys] = useState<readonly PasskeyView[]>([])
  useEffect(() => void api.passkeys().then(setKeys, sayRefusal), [])
  const add = (): void =>
    void makePasskey(`Passkey of ${stamp.format(new Date())}`).then(
      (next) => {
        setKeys(next)
        toast('The passkey is kept.')
      },
      (error: unknown) => {
        if (!isCalledOff(error)) sayRefusal(error)
      },
    )
  return (
    <Panel title="Passkeys">
      {canPasskey && keys.length === 0 && (
        <p className="mb-1 text-ink-soft">
          Instead of the password: what unlocks this device, a finger or a face, signs you in.
        </p>
      )}
      <ul className="divide-y divide-hair">
        {keys.map((k) => (
          <li key={k.id} className="flex flex-wrap items-center gap-x-3">
            <span className="flex-1">{k.label}</span>
            <span className="text-sm text-ink-soft">
              {k.usedAt === null ? 'not used yet' : `used ${stamp.format(new Date(k.usedAt))}`}
            </span>
            <Button
              look="quiet"
              aria-label={`Take away: ${k.label}`}
              onClick={() => void api.removePasskey(k.id).then(setKeys, sayRefusal)}
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
      {canPasskey ? (
        <Button className="mt-2" onClick={add}>
          <Fingerprint size={18} aria-hidden="true" /> Add a passkey
        </Button>
      ) : (
        <p className="text-ink-soft">
          A passkey belongs to a name: open this page by localhost, or by a host name with encryption, not by a number.
        </p>
      )}
    </Panel>
  )
}

function Password() {
  // Named as the server names them: what it says of the new one stands there.
  const { values, set, take, faultOf, fault, send } = useFields({ before: '', password: '' }, ['before', 'password'])
  return (
    <Panel title="Password">
      <Form
        onSubmit={send(async ({ before, password }) => {
          await api.setPassword(before, password)
          take({ before: '', password: '' })
          toast('The password is changed; other devices are signed out.')
        })}
      >
        <SecretField
          label="Password until now"
          value={values.before}
          onChange={set('before')}
          autoComplete="current-password"
          fault={faultOf('before') ?? fault}
        />
        <SecretField
          label="New password"
          value={values.password}
          onChange={set('password')}
          autoComplete="new-password"
          hint="At least 10 signs."
          fault={faultOf('password')}
        />
        <div>
          <Button type="submit" disabled={values.before === '' || values.password.length < LEAST_PASSWORD}>
            Change it
          </Button>
        </div>
      </Form>
    </Panel>
  )
}

function Codes({ name }: { readonly name: string }) {
  const [codes, setCodes] = useState<readonly string[]>([])
  return (
    <Panel title="Recovery codes">
      <p className="mb-3 text-ink-soft">
        Where the password is lost, one of them lets you in. New ones make the old void.
      </p>
      <Button onClick={() => void api.newRecoveryCodes().then((r) => setCodes(r.recoveryCodes), sayRefusal)}>
        Make new ones
      </Button>
      <RecoveryCodes name={name} codes={codes} onDone={() => setCodes([])} />
    </Panel>
  )
}
