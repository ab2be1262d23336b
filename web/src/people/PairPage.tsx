import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../session/api.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import * as msg from './messages.en.ts'

/** On the phone: the code that it has read signs it in, once somebody has agreed to it. */
export default function PairPage() {
  const navigate = useNavigate()
  const [fault, setFault] = useState<string>()
  const [isBusy, setBusy] = useState(false)
  const code = location.hash.slice(1)
  async function pair(): Promise<void> {
    setBusy(true)
    try {
      useWho.getState().take(await api.claimPairing(code))
      // The code is used up; it does not stay in the phone's history.
      await navigate('/', { replace: true })
    } catch (error) {
      setFault(error instanceof Error ? error.message : msg.thatDidNotWork)
      setBusy(false)
    }
  }
  return (
    <main className="mx-auto grid min-h-dvh max-w-md content-center gap-4 p-5">
      <h1 className="text-3xl font-bold">{msg.pairThisPhone}</h1>
      {code === '' ? (
        <p>{msg.showTheCodeAgainOn}</p>
      ) : (
        <>
          <p>{msg.itWillBeSignedIn}</p>
          {fault !== undefined && (
            <p role="alert" className="font-semibold text-fail">
              {fault}
            </p>
          )}
          <Button look="main" className="min-h-14 text-lg" disabled={isBusy} onClick={() => void pair()}>
            {msg.signThisPhoneIn}
          </Button>
        </>
      )}
    </main>
  )
}
