import type { Pairing } from '@nimble-anchor/core/formats'
import { Smartphone } from 'lucide-react'
import { useEffect, useState } from 'react'
import { api } from '../session/api.ts'
import { Button } from '../ui/Button.tsx'
import { CodePicture } from '../ui/CodePicture.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { Told } from '../ui/Told.tsx'
import * as msg from './messages.en.ts'

/** A phone reads the code and is signed in as whoever shows it. */
export function PairPhone() {
  const [pairing, setPairing] = useState<Pairing>()
  const [leftS, setLeftS] = useState(0)
  const show = (): void => void api.pair().then(setPairing, sayRefusal)
  useEffect(() => {
    if (!pairing) return
    const look = (): void => setLeftS(Math.max(0, Math.ceil((Date.parse(pairing.endsAt) - Date.now()) / 1000)))
    look()
    const timer = setInterval(look, 1000)
    return () => clearInterval(timer)
  }, [pairing])
  return (
    <>
      <Button onClick={show}>
        <Smartphone size={18} aria-hidden="true" />
        {msg.pairAPhone}
      </Button>
      <Dialog open={pairing !== undefined} onOpenChange={() => setPairing(undefined)} title={msg.pairAPhone2}>
        {pairing && (
          <div className="grid gap-4 sm:grid-cols-[auto_minmax(0,1fr)]">
            {leftS > 0 ? (
              <CodePicture text={pairing.url} label={msg.codeThatSignsAPhone} className="size-64" />
            ) : (
              <div className="grid size-64 place-items-center border border-line">
                <Button look="main" onClick={show}>
                  {msg.showANewCode}
                </Button>
              </div>
            )}
            <div className="min-w-0">
              <p>{msg.pointThePhonesCameraAt}</p>
              <p className="mt-2 text-lg" aria-live="polite">
                {leftS > 0 ? <Told text={msg.goodForOnce(leftS)} /> : msg.itsTwoMinutesAreOver}
              </p>
              {!pairing.isReachable && <p className="mt-2 text-ink-soft">{msg.noPhoneReachesThisMachine}</p>}
              <p className="mt-2 text-sm break-all text-ink-soft">{pairing.url}</p>
            </div>
          </div>
        )}
      </Dialog>
    </>
  )
}
