import { api } from './api.ts'

/** Who else works here, for whoever passes a fitting on or signs with a trainee. */
export const colleaguesAsked = { queryKey: ['colleagues'], queryFn: () => api.colleagues() } as const
