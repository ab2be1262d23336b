// Why a fault that no test notices may stay: `core/mutants/FOLDER.txt`, kept by hand. A heading per file; under it
// the faults, each as «what stands there» → «what was put instead», and below one or several of them, indented, why.
import { existsSync, readFileSync } from 'node:fs'
import { ROOT } from './run.mjs'

const WIDTH = 90
/** One line, and no longer than can be read. */
const short = (text) => {
  const line = text.replace(/\s+/g, ' ').trim()
  return line.length > WIDTH ? `${line.slice(0, WIDTH)}…` : line
}
const fileOf = (name) => `${ROOT}/core/mutants/${name}.txt`

/** What stands in the source where a mutant was put; lines and columns counted from 1. */
function replacedBy(source, { start, end }) {
  const lines = source.split('\n').slice(start.line - 1, end.line)
  lines[lines.length - 1] = lines.at(-1).slice(0, end.column - 1)
  lines[0] = lines[0].slice(start.column - 1)
  return lines.join('\n')
}
/** How a mutant is written down, whatever line it has come to stand on. */
export const written = (source, { location, replacement }) =>
  `«${short(replacedBy(source, location))}» → «${short(replacement)}»`

/**
 * What is written down of a folder: each fault with its file and why it may stay.
 * @throws {Error} naming the line, where a fault has no file above it or no reason below it
 */
export function readExplained(text) {
  const found = []
  let file
  let waiting = []
  const isEnded = (at) => {
    if (waiting.length > 0) throw new Error(`line ${at}: no reason below ${waiting.at(-1).fault}`)
  }
  for (const [i, line] of text.split('\n').entries()) {
    if (line.startsWith('## ')) {
      isEnded(i + 1)
      file = line.slice(3).trim()
    } else if (line.startsWith('«')) {
      if (file === undefined) throw new Error(`line ${i + 1}: no file above ${line}`)
      waiting.push({ file, fault: line.trim() })
    } else if (/^ +\S/.test(line)) {
      found.push(...waiting.map((w) => ({ ...w, why: line.trim() })))
      waiting = []
    }
  }
  isEnded(text.split('\n').length)
  return found
}
/** The same of a folder by the name of its file, none where there is no file. */
export const explainedOf = (name) => (existsSync(fileOf(name)) ? readExplained(readFileSync(fileOf(name), 'utf8')) : [])

/** What no test noticed and nobody has explained, and what is explained though it does not stand any more. */
export function compare(explained, left) {
  const key = ({ file, fault }) => `${file} ${fault}`
  const known = new Set(explained.map(key))
  const standing = new Set(left.map(key))
  return {
    unexplained: left.filter((x) => !known.has(key(x))),
    gone: explained.filter((x) => !standing.has(key(x))),
  }
}
