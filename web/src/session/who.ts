import type { Role, SessionView } from '@nimble-anchor/core/formats'
import { create } from 'zustand'
import { api, onSignedOut } from './api.ts'

interface Who {
  /** Nothing is known before the server has answered once. */
  readonly session: SessionView | undefined
  readonly status: 'loading' | 'ready' | 'failed'
  /** Who sat here last: what was being typed when the device locked is theirs, whoever comes next. */
  readonly last: SessionView['person']
  load(): Promise<void>
  /** Somebody has signed in, locked or left: what the server said of it. */
  take(session: SessionView): void
}

/** Who sits at this device. Until people sign in at all, nobody does, and everybody may do everything. */
export const useWho = create<Who>()((set, get) => ({
  session: undefined,
  status: 'loading',
  last: null,
  async load() {
    try {
      get().take(await api.session())
    } catch {
      // A server that does not answer does not sign anybody out.
      set(({ session }) => ({ status: session ? 'ready' : 'failed' }))
    }
  },
  take: (session) => set(({ last }) => ({ session, status: 'ready', last: session.person ?? last })),
}))

/** In whose name something is entered here, also under a lock; nobody's, where nobody signs in. */
export const author = (): SessionView['person'] => {
  const { session, last } = useWho.getState()
  return session?.hasPeople === true ? (session.person ?? last) : null
}

onSignedOut(() => void useWho.getState().load())

/** Whether whoever sits here may; the server says so in the end. */
export const useMay = (...roles: readonly Role[]): boolean => {
  const session = useWho((s) => s.session)
  return session?.hasPeople !== true || (session.person !== null && roles.includes(session.person.role))
}
