import { existsSync, readdirSync } from 'node:fs'

/** Copies are known by their names: when each was made stands in it. */

const NAME = /^nimble-anchor-(\d{4}-\d{2}-\d{2})T(\d{2})(\d{2})(\d{2})Z\.sqlite(\.sealed)?$/

/** When a copy was made, by its name. */
export function copiedAt(name: string): number | undefined {
  const at = NAME.exec(name)
  return at ? Date.parse(`${at[1]}T${at[2]}:${at[3]}:${at[4]}Z`) : undefined
}

/** Copies of a folder, the newest first. */
export const copiesIn = (folder: string): readonly string[] =>
  existsSync(folder)
    ? readdirSync(folder)
        .filter((n) => NAME.test(n))
        .toSorted()
        .toReversed()
    : []
