import type { BeltUse } from '../restraint/index.ts'

/** One guide of the path, and which side of this car it is on where the place tells. */
export interface Guide {
  readonly guide: BeltUse['path'][number]
  readonly carSide: 'left' | 'right' | undefined
}

const SECTION = { both: 'Lap and diagonal', lap: 'Lap', diagonal: 'Diagonal' } as const satisfies Record<
  BeltUse['path'][number]['section'],
  string
>

/** "buckle side (right)", "left", "centre". */
export const sideWords = (side: BeltUse['path'][number]['side'], carSide: Guide['carSide']): string => {
  const words = side.replace('-', ' ')
  return carSide === undefined || carSide === side ? words : `${words} (${carSide})`
}

/** "Lap: under the blue guide, buckle side (right)." */
export const guideLine = ({ guide: { section, how, mark, side, place }, carSide }: Guide): string =>
  `${SECTION[section]}: ${how} ${mark}, ${sideWords(side, carSide)}${place === undefined ? '' : `, belt of the place at the ${place.replace('-end', ' end')}`}.`
