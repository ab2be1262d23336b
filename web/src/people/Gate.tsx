import { lazy, Suspense, useEffect, type ReactNode } from 'react'
import { useLocation } from 'react-router'
import { api } from '../session/api.ts'
import { useConfirming } from '../session/confirm.ts'
import { useWho } from '../session/who.ts'
import * as msg from './messages.en.ts'

const SignIn = lazy(() => import('./SignIn.tsx'))
const ConfirmDialog = lazy(() => import('./ConfirmDialog.tsx'))

/** Pages for who is not signed in: a carer's link, a phone that is being paired, the trust of a certificate. */
const OPEN = /^\/(second-look|pair|trust)$/

/** Who may come in. What runs under a lock stays as it is: it is covered, not ended. */
export function Gate({ children }: { readonly children: ReactNode }) {
  const { pathname } = useLocation()
  const { session, status } = useWho()
  const isAsking = useConfirming((s) => s.ask !== undefined)
  useIdleLock(session?.person != null ? session.idleMs : undefined)
  useEffect(() => {
    const look = (): void => void (document.visibilityState === 'visible' && useWho.getState().load())
    document.addEventListener('visibilitychange', look)
    return () => document.removeEventListener('visibilitychange', look)
  }, [])
  if (OPEN.test(pathname)) return children
  if (status === 'loading') return null
  const mustSignIn = session?.hasPeople === true && session.person === null
  return (
    <>
      {session?.isInsecure && <Insecure />}
      {/* A page under a lock keeps what stands in it; of one that nobody has opened yet there is nothing to keep. */}
      {(!mustSignIn || session.isLocked) && (
        <div inert={mustSignIn} className={mustSignIn ? 'hidden' : 'contents'}>
          {children}
        </div>
      )}
      {mustSignIn && (
        <Suspense fallback={null}>
          <SignIn key={String(session.isLocked)} session={session} />
        </Suspense>
      )}
      {isAsking && (
        <Suspense fallback={null}>
          <ConfirmDialog />
        </Suspense>
      )}
    </>
  )
}

/** Said on every page, as long as it is so. */
function Insecure() {
  return (
    <p role="alert" className="no-print border-b-2 border-fail bg-sheet px-4 py-1.5 text-sm font-semibold text-fail">
      {msg.notEncryptedAnybodyOnThis}
    </p>
  )
}

const TOUCHED = 'nimble-anchor.touched'
const LOOK_MS = 5_000

/** Locks when nobody has touched any tab of this browser for a while. */
function useIdleLock(idleMs: number | undefined): void {
  useEffect(() => {
    if (idleMs === undefined) return
    let noted = 0
    const touch = (): void => {
      if (Date.now() - noted < 1000) return
      noted = Date.now()
      localStorage.setItem(TOUCHED, String(noted))
    }
    touch()
    const timer = setInterval(() => {
      if (Date.now() - Number(localStorage.getItem(TOUCHED) ?? 0) < idleMs) return
      api.lock().then(useWho.getState().take, () => undefined)
    }, LOOK_MS)
    for (const kind of ['pointerdown', 'keydown', 'wheel']) addEventListener(kind, touch, { passive: true })
    return () => {
      clearInterval(timer)
      for (const kind of ['pointerdown', 'keydown', 'wheel']) removeEventListener(kind, touch)
    }
  }, [idleMs])
}
