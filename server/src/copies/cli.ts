import 'reflect-metadata'
import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { CannotOpen } from '../storage/store-faults'
import { makeCopy, MOST_DAYS } from './copy'
import { askAtKeyboard } from './lead'
import { passphraseIn } from './sealed'
import { restore } from './restore'

/** `npm run backup` and `npm run restore`: what they ask for, what they say. */

const ROOT = resolve(__dirname, '..', '..', '..')
const HELP = {
  backup: 'npm run backup -- --to DIR [--data DIR] [--keep-days N] [--passphrase-file FILE]',
  restore: 'npm run restore -- FROM [--data DIR] [--passphrase-file FILE]',
} as const

function ended(message: string, code: number): never {
  console.error(message)
  process.exit(code)
}

function given(act: keyof typeof HELP, args: readonly string[]) {
  try {
    return parseArgs({
      args: [...args],
      allowPositionals: act === 'restore',
      options: {
        data: { type: 'string' },
        to: { type: 'string' },
        'keep-days': { type: 'string', default: String(MOST_DAYS) },
        'passphrase-file': { type: 'string' },
      },
    })
  } catch (error) {
    return ended(`${error instanceof Error ? error.message.split('. ')[0] : 'Unknown option'}. ${HELP[act]}`, 2)
  }
}

async function main(): Promise<void> {
  process.umask(0o077)
  const [act = '', ...args] = process.argv.slice(2)
  if (act !== 'backup' && act !== 'restore') return ended(Object.values(HELP).join('\n'), 2)
  const { values, positionals } = given(act, args)
  const dataDir = resolve(values.data ?? join(ROOT, 'data'))
  const passphrase = passphraseIn(values['passphrase-file'])
  const now = new Date()
  if (act === 'backup') {
    const keepDays = Number(values['keep-days'])
    if (values.to === undefined) return ended(`Say where to: ${HELP.backup}`, 2)
    if (!Number.isInteger(keepDays) || keepDays < 1 || keepDays > MOST_DAYS)
      return ended(
        `--keep-days must be a whole number from 1 to ${MOST_DAYS}: no copy holds longer what was erased since.`,
        2,
      )
    const {
      file: made,
      bytes,
      fittings,
      removed,
    } = await makeCopy(dataDir, resolve(values.to), { now, keepDays, passphrase })
    console.log(`${made}: ${fittings} fittings, ${(bytes / 1e6).toFixed(1)} MB, opened and checked.`)
    if (removed > 0) console.log(`${removed} copies older than ${keepDays} days were taken away.`)
    return
  }
  const [from] = positionals
  if (from === undefined || positionals.length > 1) return ended(`Say from where: ${HELP.restore}`, 2)
  const { fittings, erased, before } = await restore(resolve(from), dataDir, {
    now,
    passphrase,
    askLead: askAtKeyboard,
  })
  console.log(
    `${dataDir} holds the copy now: ${fittings} fittings. People and passwords are as they were then; everybody signs in again.`,
  )
  if (erased > 0) console.log(`${erased} records that were erased since it was made were erased in it too.`)
  if (before !== undefined)
    console.log(
      `What stood there before is kept as ${before}. Take it away once you do not need it: it holds what was there.`,
    )
}

main().catch((error: unknown) => {
  if (error instanceof CannotOpen) ended(error.message, 1)
  const code = (error as { code?: string }).code
  if (code === 'SQLITE_CANTOPEN' || code === 'ENOENT')
    ended('There is no database there. Say which folder with --data.', 1)
  ended(error instanceof Error ? error.message : String(error), 1)
})
