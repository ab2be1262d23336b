import { appendFileSync, closeSync, existsSync, fsyncSync, openSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

/**
 * Ids of what was erased, and nothing else of it, in a file beside the database
 * and beside each copy: an older copy brought back is freed of them before it is
 * served, also where the database that knew of them is lost.
 */
export interface Erased {
  readonly kind: string
  readonly id: string
}

const LIST = 'erased.txt'
const LINE = /^(family|child|fitting) (\S{1,80})$/

export function readErased(folder: string): readonly Erased[] {
  const file = join(folder, LIST)
  if (!existsSync(file)) return []
  return readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line) => {
      const [, kind, id] = LINE.exec(line) ?? []
      return kind === undefined || id === undefined ? [] : [{ kind, id }]
    })
}

/** Adds what is not there yet; on the disk before it returns. */
export function addErased(folder: string, erased: readonly Erased[]): void {
  const known = new Set(readErased(folder).map(lineOf))
  const fresh = [...new Set(erased.map(lineOf))].filter((line) => !known.has(line))
  if (fresh.length === 0) return
  const fd = openSync(join(folder, LIST), 'a', 0o600)
  try {
    // A line that a power cut has left half is ended first.
    appendFileSync(fd, `\n${fresh.join('\n')}\n`)
    fsyncSync(fd)
  } finally {
    closeSync(fd)
  }
}

const lineOf = ({ kind, id }: Erased): string => `${kind} ${id}`
