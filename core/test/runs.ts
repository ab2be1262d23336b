/**
 * How often a property is tried: a pinned sample in `npm test`, twenty times as
 * often by `npm run sweep`.
 */
export const runs = (sample: number): number => (process.env.SWEEP === 'whole' ? sample * 20 : sample)
