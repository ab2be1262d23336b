export * from './shell-angle.ts'
export * from './support-leg.ts'
export * from './strap-height.ts'
export * from './inserts.ts'
