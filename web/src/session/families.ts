import { api } from './api.ts'

/** Everybody that something was fitted for, and one family with its children and fittings. */
export const familiesAsked = { queryKey: ['families'], queryFn: () => api.families() } as const
export const familyAsked = (id: string) => ({ queryKey: ['family', id], queryFn: () => api.family(id) }) as const
