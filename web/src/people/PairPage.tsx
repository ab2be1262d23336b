import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../session/api.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'

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
      setFault(error instanceof Error ? error.message : 'That did not work.')
      setBusy(false)
    }
  }
  return (
    <main className="mx-auto grid min-h-dvh max-w-md content-center gap-4 p-5">
      <h1 className="text-3xl font-bold">Pair this phone</h1>
      {code === '' ? (
        <p>Show the code again on the other screen: People, Devices, Pair a phone.</p>
      ) : (
        <>
          <p>It will be signed in as whoever shows the code, until they sign it out.</p>
          {fault !== undefined && (
            <p role="alert" className="font-semibold text-fail">
              {fault}
            </p>
          )}
          <Button look="main" className="min-h-14 text-lg" disabled={isBusy} onClick={() => void pair()}>
            Sign this phone in
          </Button>
        </>
      )}
    </main>
  )
}
