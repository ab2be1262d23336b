import type { SessionView } from '@nimble-anchor/core/formats'
import { Fingerprint, UserRound } from 'lucide-react'
import { useState } from 'react'
import { api } from '../session/api.ts'
import { sendAll } from '../session/sending.ts'
import { useToday } from '../session/today.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { SecretField } from '../ui/SecretField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { Form } from './Form.tsx'
import { isCalledOff, signInByPasskey } from './passkey.ts'
import { ROLE_WORD } from './words.ts'

type Way = 'people' | 'password' | 'code'
type Known = SessionView['onDevice'][number]

/** Whoever has signed in goes on where they were: what waited on this device is sent. */
function goOn(session: SessionView): void {
  useWho.getState().take(session)
  void sendAll()
  void useToday.getState().load()
}

/**
 * Signing in, and coming back to a device that has locked: whoever has signed in
 * on it in this shift presses their name and gives a PIN; everybody else a
 * password, a passkey, or one of the printed codes.
 */
export default function SignIn({ session }: { readonly session: SessionView }) {
  const withPin = session.onDevice.filter((p) => p.hasPin)
  const [way, setWay] = useState<Way>(withPin.length > 0 ? 'people' : 'password')
  return (
    <div className="grid min-h-dvh place-items-center bg-paper p-4">
      <main className="w-full max-w-md rounded-[4px] border border-line bg-sheet p-5">
        <h1 className="mb-3 border-b-3 border-double border-line pb-2 text-2xl font-bold">
          {session.isLocked ? 'Locked' : 'Sign in'}
        </h1>
        {session.isLocked && (
          <p className="mb-3 text-ink-soft">Nothing is lost: what was being entered is kept on this device.</p>
        )}
        {way === 'people' && <ByPin people={withPin} />}
        {way === 'password' && <ByPassword session={session} />}
        {way === 'code' && <ByCode onBack={() => setWay('password')} />}
        {way !== 'code' && (
          <p className="mt-4 flex flex-wrap gap-x-2 border-t border-hair pt-2">
            {way === 'people' ? (
              <Button look="quiet" onClick={() => setWay('password')}>
                Another way, or somebody else
              </Button>
            ) : (
              <>
                {withPin.length > 0 && (
                  <Button look="quiet" onClick={() => setWay('people')}>
                    By PIN
                  </Button>
                )}
                <Button look="quiet" onClick={() => setWay('code')}>
                  I have lost my password
                </Button>
              </>
            )}
          </p>
        )}
      </main>
    </div>
  )
}

/** One try at a time; what is wrong is said under it. */
function useTry() {
  const [fault, setFault] = useState<string>()
  const [isBusy, setBusy] = useState(false)
  const go = async (work: () => Promise<SessionView>): Promise<void> => {
    setBusy(true)
    setFault(undefined)
    try {
      goOn(await work())
    } catch (error) {
      if (!isCalledOff(error)) setFault(error instanceof Error ? error.message : 'That did not work.')
    } finally {
      setBusy(false)
    }
  }
  return { fault, isBusy, go }
}

function ByPin({ people }: { readonly people: readonly Known[] }) {
  const [chosen, setChosen] = useState<Known | undefined>(people.length === 1 ? people[0] : undefined)
  const [pin, setPin] = useState('')
  const { fault, isBusy, go } = useTry()
  if (!chosen)
    return (
      <ul aria-label="Who is it" className="grid gap-2">
        {people.map((p) => (
          <li key={p.id}>
            <Button className="min-h-14 w-full justify-start! text-lg" onClick={() => setChosen(p)}>
              <UserRound size={20} aria-hidden="true" /> {p.name}
              <span className="font-normal text-ink-soft">{ROLE_WORD[p.role]}</span>
            </Button>
          </li>
        ))}
      </ul>
    )
  return (
    <Form onSubmit={() => void go(() => api.switchTo(chosen.id, pin)).then(() => setPin(''))}>
      <SecretField
        label={`PIN of ${chosen.name}`}
        value={pin}
        onChange={setPin}
        autoComplete="off"
        isPin
        fault={fault}
      />
      <Button type="submit" look="main" disabled={isBusy || pin.length < 4}>
        Go on as {chosen.name}
      </Button>
      {people.length > 1 && (
        <Button look="quiet" onClick={() => setChosen(undefined)}>
          Somebody else
        </Button>
      )}
    </Form>
  )
}

function ByPassword({ session }: { readonly session: SessionView }) {
  const [name, setName] = useState(session.onDevice.length === 1 ? (session.onDevice[0]?.name ?? '') : '')
  const [password, setPassword] = useState('')
  const { fault, isBusy, go } = useTry()
  return (
    <Form onSubmit={() => void go(() => api.signIn(name, password))}>
      <TextField label="Your name" value={name} onChange={setName} autoComplete="username" maxLength={120} />
      <SecretField
        label="Password"
        value={password}
        onChange={setPassword}
        autoComplete="current-password"
        fault={fault}
      />
      <Button type="submit" look="main" disabled={isBusy || name.trim() === '' || password === ''}>
        {isBusy ? 'One moment' : 'Sign in'}
      </Button>
      {session.canPasskey && (
        <Button disabled={isBusy} onClick={() => void go(signInByPasskey)}>
          <Fingerprint size={18} aria-hidden="true" /> Use a passkey
        </Button>
      )}
    </Form>
  )
}

function ByCode({ onBack }: { readonly onBack: () => void }) {
  const [name, setName] = useState('')
  const [code, setCode] = useState('')
  const [password, setPassword] = useState('')
  const { fault, isBusy, go } = useTry()
  return (
    <Form onSubmit={() => void go(() => api.recover(name, code, password))}>
      <p className="text-ink-soft">
        One of the codes that were printed for you, and a new password. Without one a lead gives you a new password.
      </p>
      <TextField label="Your name" value={name} onChange={setName} autoComplete="username" maxLength={120} />
      <TextField label="One of your codes" value={code} onChange={setCode} autoComplete="off" maxLength={40} />
      <SecretField
        label="New password"
        value={password}
        onChange={setPassword}
        autoComplete="new-password"
        hint="At least 10 signs: three or four words that do not belong together."
        fault={fault}
      />
      <Button type="submit" look="main" disabled={isBusy || password.length < 10 || code === '' || name === ''}>
        Set it and sign in
      </Button>
      <Button look="quiet" onClick={onBack}>
        Back
      </Button>
    </Form>
  )
}
