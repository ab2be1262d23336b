import { dateText } from '@nimble-anchor/core/quantities'
import type { PasskeyView } from '@nimble-anchor/core/formats'
import { Fingerprint } from 'lucide-react'
import { useState } from 'react'
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
import { take, useAnswer } from '../session/queries.ts'
import { useRefusalSaid } from '../ui/useRefusalSaid.ts'
import { passkeysOf } from './questions.ts'
import * as msg from './messages.en.ts'

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
    toast(next === null ? msg.thePinIsGone : msg.thePinIsSet)
  }
  return (
    <Panel title={msg.pin} aside={<span className="text-sm text-ink-soft">{hasPin ? msg.set : msg.noneYet}</span>}>
      <Form onSubmit={send(({ pin }) => keep(pin))}>
        <p className="text-ink-soft">{msg.n4To8FiguresBy}</p>
        <SecretField
          label={hasPin ? msg.newPin : msg.pin}
          value={values.pin}
          onChange={set('pin')}
          autoComplete="off"
          isPin
          fault={faultOf('pin') ?? fault}
        />
        <div className="flex flex-wrap gap-2">
          <Button type="submit" disabled={values.pin.length < LEAST_PIN}>
            {msg.setThePin}
          </Button>
          {hasPin && (
            <Button look="quiet" onClick={() => send(() => keep(null))()}>
              {msg.takeItAway}
            </Button>
          )}
        </div>
      </Form>
    </Panel>
  )
}

const NONE: readonly PasskeyView[] = []

function Passkeys({ canPasskey }: { readonly canPasskey: boolean }) {
  const asked = passkeysOf(useWho((s) => s.session?.person?.id))
  const { data: keys = NONE, error } = useAnswer(asked)
  useRefusalSaid(error)
  const keep = (next: readonly PasskeyView[]): void => void take(asked.queryKey, next)
  const add = (): void =>
    void makePasskey(msg.passkeyOf(dateText(new Date().toISOString()))).then(
      (next) => {
        keep(next)
        toast(msg.thePasskeyIsKept)
      },
      (error: unknown) => {
        if (!isCalledOff(error)) sayRefusal(error)
      },
    )
  return (
    <Panel title={msg.passkeys}>
      {canPasskey && keys.length === 0 && <p className="mb-1 text-ink-soft">{msg.insteadOfThePasswordWhat}</p>}
      <ul className="divide-y divide-hair">
        {keys.map((k) => (
          <li key={k.id} className="flex flex-wrap items-center gap-x-3">
            <span className="flex-1">{k.label}</span>
            <span className="text-sm text-ink-soft">
              {k.usedAt === null ? msg.notUsedYet : msg.used(dateText(k.usedAt))}
            </span>
            <Button
              look="quiet"
              aria-label={msg.takeAway2(k.label)}
              onClick={() => void api.removePasskey(k.id).then(keep, sayRefusal)}
            >
              {msg.takeAway}
            </Button>
          </li>
        ))}
      </ul>
      {canPasskey ? (
        <Button className="mt-2" onClick={add}>
          <Fingerprint size={18} aria-hidden="true" />
          {msg.addAPasskey}
        </Button>
      ) : (
        <p className="text-ink-soft">{msg.aPasskeyBelongsToA}</p>
      )}
    </Panel>
  )
}

function Password() {
  // Named as the server names them: what it says of the new one stands there.
  const { values, set, take, faultOf, fault, send } = useFields({ before: '', password: '' }, ['before', 'password'])
  return (
    <Panel title={msg.password}>
      <Form
        onSubmit={send(async ({ before, password }) => {
          await api.setPassword(before, password)
          take({ before: '', password: '' })
          toast(msg.thePasswordIsChangedOther)
        })}
      >
        <SecretField
          label={msg.passwordUntilNow}
          value={values.before}
          onChange={set('before')}
          autoComplete="current-password"
          fault={faultOf('before') ?? fault}
        />
        <SecretField
          label={msg.newPassword}
          value={values.password}
          onChange={set('password')}
          autoComplete="new-password"
          hint={msg.atLeast10Signs}
          fault={faultOf('password')}
        />
        <div>
          <Button type="submit" disabled={values.before === '' || values.password.length < LEAST_PASSWORD}>
            {msg.changeIt}
          </Button>
        </div>
      </Form>
    </Panel>
  )
}

function Codes({ name }: { readonly name: string }) {
  const [codes, setCodes] = useState<readonly string[]>([])
  return (
    <Panel title={msg.recoveryCodes}>
      <p className="mb-3 text-ink-soft">{msg.whereThePasswordIsLost}</p>
      <Button onClick={() => void api.newRecoveryCodes().then((r) => setCodes(r.recoveryCodes), sayRefusal)}>
        {msg.makeNewOnes}
      </Button>
      <RecoveryCodes name={name} codes={codes} onDone={() => setCodes([])} />
    </Panel>
  )
}
