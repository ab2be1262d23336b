import type { Vehicle } from './vehicle.ts'

/** In a file of its own: who only names a car need not load what a car may be. */
export const vehicleName = (v: Pick<Vehicle, 'maker' | 'model'>): string => `${v.maker} ${v.model}`
