import { api } from '../session/api.ts'
import { ON_OPENING } from '../session/queries.ts'

/** What is asked of the people of a bay; what belongs to one of them is kept under their name, not the next one's. */
export const peopleAsked = { queryKey: ['people'], queryFn: () => api.people(), ...ON_OPENING } as const
export const auditAsked = { queryKey: ['audit'], queryFn: () => api.audit(), ...ON_OPENING } as const
export const passkeysOf = (personId: string | undefined) =>
  ({ queryKey: ['passkeys', personId], queryFn: () => api.passkeys(), ...ON_OPENING }) as const
export const devicesOf = (whose: 'own' | 'all', personId: string | undefined) =>
  ({ queryKey: ['devices', whose, personId], queryFn: () => api.devices(whose), ...ON_OPENING }) as const
