import { api } from './api.ts'

/** Whether the server answers, and the day that it counts. */
export const healthAsked = { queryKey: ['health'], queryFn: () => api.health() } as const
