import type { SessionView } from '@nimble-anchor/core/formats'
import { Fingerprint, UserRound } from 'lucide-react'
import { useState } from 'react'
import { useFields } from '../form/useFields.ts'
import { api } from '../session/api.ts'
import { sendAll } from '../session/sending.ts'
import { loadToday } from '../session/today.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { SecretField } from '../ui/SecretField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { LEAST_PASSWORD, LEAST_PIN } from './limits.ts'
import { Form } from './Form.tsx'
import { isCalledOff, signInByPasskey } from './passkey.ts'
import { ROLE_WORD } from './words.ts'
import * as msg from './messages.en.ts'

type Way = 'people' | 'password' | 'code'
type Known = SessionView['onDevice'][number]

/** Whoever has signed in goes on where they were: what waited on this device is sent. */
function goOn(session: SessionView): void {
  useWho.getState().take(session)
  void sendAll()
  void loadToday()
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
          {session.isLocked ? msg.locked : msg.signIn}
        </h1>
        {session.isLocked && <p className="mb-3 text-ink-soft">{msg.nothingIsLostWhatWas}</p>}
        {way === 'people' && <ByPin people={withPin} />}
        {way === 'password' && <ByPassword session={session} />}
        {way === 'code' && <ByCode onBack={() => setWay('password')} />}
        {way !== 'code' && (
          <p className="mt-4 flex flex-wrap gap-x-2 border-t border-hair pt-2">
            {way === 'people' ? (
              <Button look="quiet" onClick={() => setWay('password')}>
                {msg.anotherWayOrSomebodyElse}
              </Button>
            ) : (
              <>
                {withPin.length > 0 && (
                  <Button look="quiet" onClick={() => setWay('people')}>
                    {msg.byPin}
                  </Button>
                )}
                <Button look="quiet" onClick={() => setWay('code')}>
                  {msg.iHaveLostMyPassword}
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
      <ul aria-label={msg.whoIsIt} className="grid gap-2">
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
        label={msg.pinOf(chosen.name)}
        value={values.pin}
        onChange={set('pin')}
        autoComplete="off"
        isPin
        fault={fault}
      />
      <Button type="submit" look="main" disabled={isBusy || values.pin.length < LEAST_PIN}>
        {msg.goOnAs(chosen.name)}
      </Button>
      {people.length > 1 && (
        <Button look="quiet" onClick={() => setChosen(undefined)}>
          {msg.somebodyElse}
        </Button>
      )}
    </Form>
  )
}

/** Who it is, as a keeper of passwords fills it in. */
function NameField({ value, onChange }: { readonly value: string; readonly onChange: (name: string) => void }) {
  return <TextField label={msg.yourName} value={value} onChange={onChange} autoComplete="username" maxLength={120} />
}

function ByPassword({ session }: { readonly session: SessionView }) {
  const only = session.onDevice.length === 1 ? session.onDevice[0]?.name : undefined
  const { values, set, fault, isBusy, send } = useFields({ name: only ?? '', password: '' })
  return (
    <Form onSubmit={send(({ name, password }) => tried(api.signIn(name, password)))}>
      <NameField value={values.name} onChange={set('name')} />
      <SecretField
        label={msg.password}
        value={values.password}
        onChange={set('password')}
        autoComplete="current-password"
        fault={fault}
      />
      <Button type="submit" look="main" disabled={isBusy || values.name.trim() === '' || values.password === ''}>
        {isBusy ? msg.oneMoment : msg.signIn}
      </Button>
      {session.canPasskey && (
        <Button disabled={isBusy} onClick={() => send(() => tried(signInByPasskey()))()}>
          <Fingerprint size={18} aria-hidden="true" />
          {msg.useAPasskey}
        </Button>
      )}
    </Form>
  )
}

function ByCode({ onBack }: { readonly onBack: () => void }) {
  const { values, set, faultOf, fault, isBusy, send } = useFields({ name: '', code: '', password: '' }, ['password'])
  return (
    <Form onSubmit={send(({ name, code, password }) => tried(api.recover(name, code, password)))}>
      <p className="text-ink-soft">{msg.oneOfTheCodesThat}</p>
      <NameField value={values.name} onChange={set('name')} />
      <TextField
        label={msg.oneOfYourCodes}
        value={values.code}
        onChange={set('code')}
        autoComplete="off"
        maxLength={40}
      />
      <SecretField
        label={msg.newPassword}
        value={values.password}
        onChange={set('password')}
        autoComplete="new-password"
        hint={msg.atLeast10SignsThree}
        fault={faultOf('password') ?? fault}
      />
      <Button
        type="submit"
        look="main"
        disabled={isBusy || values.password.length < LEAST_PASSWORD || values.code === '' || values.name === ''}
      >
        {msg.setItAndSignIn}
      </Button>
      <Button look="quiet" onClick={onBack}>
        {msg.back}
      </Button>
    </Form>
  )
}
