import type { SessionView } from '@nimble-anchor/core/formats'
import { Fingerprint, UserRound } from 'lucide-react'
import { useState } from 'react'
import { useFields } from '../form/useFields.ts'
import { api } from '../session/api.ts'
import { sendAll } from '../session/sending.ts'
import { useToday } from '../session/today.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { SecretField } from '../ui/SecretField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { LEAST_PASSWORD, LEAST_PIN } from './limits.ts'
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

/** One try at a time; what is wrong is said under it. A passkey that was called off is nothing wrong. */
async function tried(work: Promise<SessionView>): Promise<void> {
  try {
    goOn(await work)
  } catch (error) {
    if (!isCalledOff(error)) throw error
  }
}

function ByPin({ people }: { readonly people: readonly Known[] }) {
  const [chosen, setChosen] = useState<Known | undefined>(people.length === 1 ? people[0] : undefined)
  const { values, set, take, fault, isBusy, send } = useFields({ pin: '' })
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
    <Form
      onSubmit={send(async ({ pin }) => {
        // A PIN that was wrong is typed anew, whole.
        take({ pin: '' })
        await tried(api.switchTo(chosen.id, pin))
      })}
    >
      <SecretField
        label={`PIN of ${chosen.name}`}
        value={values.pin}
        onChange={set('pin')}
        autoComplete="off"
        isPin
        fault={fault}
      />
      <Button type="submit" look="main" disabled={isBusy || values.pin.length < LEAST_PIN}>
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
  const only = session.onDevice.length === 1 ? session.onDevice[0]?.name : undefined
  const { values, set, fault, isBusy, send } = useFields({ name: only ?? '', password: '' })
  return (
    <Form onSubmit={send(({ name, password }) => tried(api.signIn(name, password)))}>
      <TextField label="Your name" value={values.name} onChange={set('name')} autoComplete="username" maxLength={120} />
      <SecretField
        label="Password"
        value={values.password}
        onChange={set('password')}
        autoComplete="current-password"
        fault={fault}
      />
      <Button type="submit" look="main" disabled={isBusy || values.name.trim() === '' || values.password === ''}>
        {isBusy ? 'One moment' : 'Sign in'}
      </Button>
      {session.canPasskey && (
        <Button disabled={isBusy} onClick={() => send(() => tried(signInByPasskey()))()}>
          <Fingerprint size={18} aria-hidden="true" /> Use a passkey
        </Button>
      )}
    </Form>
  )
}

function ByCode({ onBack }: { readonly onBack: () => void }) {
  const { values, set, faultOf, fault, isBusy, send } = useFields({ name: '', code: '', password: '' }, ['password'])
  return (
    <Form onSubmit={send(({ name, code, password }) => tried(api.recover(name, code, password)))}>
      <p className="text-ink-soft">
        One of the codes that were printed for you, and a new password. Without one a lead gives you a new password.
      </p>
      <TextField label="Your name" value={values.name} onChange={set('name')} autoComplete="username" maxLength={120} />
      <TextField
        label="One of your codes"
        value={values.code}
        onChange={set('code')}
        autoComplete="off"
        maxLength={40}
      />
      <SecretField
        label="New password"
        value={values.password}
        onChange={set('password')}
        autoComplete="new-password"
        hint="At least 10 signs: three or four words that do not belong together."
        fault={faultOf('password') ?? fault}
      />
      <Button
        type="submit"
        look="main"
        disabled={isBusy || values.password.length < LEAST_PASSWORD || values.code === '' || values.name === ''}
      >
        Set it and sign in
      </Button>
      <Button look="quiet" onClick={onBack}>
        Back
      </Button>
    </Form>
  )
}
