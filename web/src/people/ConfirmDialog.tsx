import { Fingerprint } from 'lucide-react'
import { useState } from 'react'
import { api } from '../session/api.ts'
import { useConfirming } from '../session/confirm.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { SecretField } from '../ui/SecretField.tsx'
import { confirmByPasskey, isCalledOff } from './passkey.ts'

/** The password or passkey again, for one thing that was just asked for. */
export default function ConfirmDialog() {
  const ask = useConfirming((s) => s.ask)
  return (
    <Dialog open={ask !== undefined} onOpenChange={() => ask?.(false)} title="Is it you?">
      {ask && <Proof onGiven={() => ask(true)} onLeft={() => ask(false)} />}
    </Dialog>
  )
}

function Proof({ onGiven, onLeft }: { readonly onGiven: () => void; readonly onLeft: () => void }) {
  const session = useWho((s) => s.session)
  const [password, setPassword] = useState('')
  const [fault, setFault] = useState<string>()
  const [isBusy, setBusy] = useState(false)
  const go = async (work: () => Promise<unknown>): Promise<void> => {
    setBusy(true)
    setFault(undefined)
    try {
      await work()
      onGiven()
    } catch (error) {
      if (!isCalledOff(error)) setFault(error instanceof Error ? error.message : 'That did not work.')
      setBusy(false)
    }
  }
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        void go(() => api.confirm({ password }))
      }}
    >
      <p className="text-ink-soft">
        This cannot be taken back, or takes names out of the house: show that it is you, {session?.person?.name}.
      </p>
      <SecretField
        label="Password"
        value={password}
        onChange={setPassword}
        autoComplete="current-password"
        fault={fault}
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="main" disabled={isBusy || password === ''}>
          Go on
        </Button>
        {session?.canPasskey && (
          <Button disabled={isBusy} onClick={() => void go(confirmByPasskey)}>
            <Fingerprint size={18} aria-hidden="true" /> Use a passkey
          </Button>
        )}
        <Button look="quiet" onClick={onLeft}>
          Cancel
        </Button>
      </div>
    </form>
  )
}
