import { Fingerprint } from 'lucide-react'
import { useFields } from '../form/useFields.ts'
import { api } from '../session/api.ts'
import { useConfirming } from '../session/confirm.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { SecretField } from '../ui/SecretField.tsx'
import { confirmByPasskey, isCalledOff } from './passkey.ts'
import * as msg from './messages.en.ts'

/** The password or passkey again, for one thing that was just asked for. */
export default function ConfirmDialog() {
  const ask = useConfirming((s) => s.ask)
  return (
    <Dialog open={ask !== undefined} onOpenChange={() => ask?.(false)} title={msg.isItYou}>
      {ask && <Proof onGiven={() => ask(true)} onLeft={() => ask(false)} />}
    </Dialog>
  )
}

function Proof({ onGiven, onLeft }: { readonly onGiven: () => void; readonly onLeft: () => void }) {
  const session = useWho((s) => s.session)
  const { values, set, faultOf, fault, send, isBusy } = useFields({ password: '' }, ['password'])
  const proved = (work: (password: string) => Promise<unknown>) =>
    send(async ({ password }) => {
      try {
        await work(password)
      } catch (error) {
        if (isCalledOff(error)) return
        throw error
      }
      onGiven()
    })
  return (
    <form className="flex flex-col gap-3" onSubmit={proved((password) => api.confirm({ password }))}>
      <p className="text-ink-soft">{msg.thisCannotBeTakenBack(session?.person?.name ?? '')}</p>
      <SecretField
        label={msg.password}
        value={values.password}
        onChange={set('password')}
        autoComplete="current-password"
        fault={faultOf('password') ?? fault}
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="main" disabled={isBusy || values.password === ''}>
          {msg.goOn}
        </Button>
        {session?.canPasskey && (
          <Button disabled={isBusy} onClick={() => proved(confirmByPasskey)()}>
            <Fingerprint size={18} aria-hidden="true" />
            {msg.useAPasskey}
          </Button>
        )}
        <Button look="quiet" onClick={onLeft}>
          {msg.cancel}
        </Button>
      </div>
    </form>
  )
}
