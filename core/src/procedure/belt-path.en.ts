import type { BeltUse } from '../restraint/index.ts'

export type Guide = BeltUse['path'][number]

const SECTION = { both: 'Lap and diagonal', lap: 'Lap', diagonal: 'Diagonal' } as const satisfies Record<
  Guide['section'],
  string
>

/** "Lap: under the blue guide, buckle side." */
export const guideLine = ({ section, how, mark, side, place }: Guide): string =>
  `${SECTION[section]}: ${how} ${mark}, ${side.replace('-', ' ')}${place === undefined ? '' : `, belt of the place at the ${place.replace('-end', ' end')}`}.`
