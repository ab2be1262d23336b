import { existsSync } from 'node:fs'
import { createInterface } from 'node:readline/promises'
import { Writable } from 'node:stream'
import SQLite from 'better-sqlite3'
import { hashOf, isSecret, plainCode } from '../people/secrets'
import { CannotOpen } from '../storage/store-faults'

/** Who says that they are a lead, and by which password or printed code. */
export interface Said {
  readonly name: string
  readonly password: string
}
export type AskLead = () => Promise<Said>

interface Lead {
  readonly name: string
  readonly password: string
  /** Hashes of the printed codes that are not used yet. */
  readonly codes: readonly string[]
}

/** Leads of a database; none of one that is not there, does not open, or has nobody yet. */
function leadsOf(file: string): readonly Lead[] {
  if (!existsSync(file)) return []
  try {
    const db = new SQLite(file, { readonly: true })
    try {
      const leads = db
        .prepare(`SELECT "id", "name", "password" FROM "person" WHERE "role" = 'lead' AND "isActive" = 1`)
        .all() as (Omit<Lead, 'codes'> & { readonly id: string })[]
      const codes = db.prepare(`SELECT "hash" FROM "recovery_code" WHERE "personId" = ?`).pluck()
      return leads.map((lead) => ({ ...lead, codes: codes.all(lead.id) as string[] }))
    } finally {
      db.close()
    }
  } catch {
    return []
  }
}

/**
 * A restore puts back people, passwords and records of another day: a lead of the database that is there says so, or,
 * where it is lost, a lead of the copy. Where nobody signs in there is nobody to ask.
 *
 * @throws CannotOpen where the name or the password is not right
 */
export async function refuseOthers(files: readonly string[], ask: AskLead): Promise<string | undefined> {
  const leads = files.map(leadsOf).find((l) => l.length > 0)
  if (!leads) return undefined
  const { name, password } = await ask()
  const lead = leads.find((l) => l.name.toLocaleLowerCase() === name.trim().toLocaleLowerCase())
  // Whoever has lost the password has lost no record: a printed code does too. It is not used up by it.
  const isRight =
    lead && (lead.codes.includes(hashOf(plainCode(password))) || (await isSecret(password, lead.password)))
  if (!isRight) throw new CannotOpen('Name or password of a lead is not right. Nothing was changed.')
  return lead.name
}

/** At the machine's own keyboard; what is typed as a password is not shown. */
export async function askAtKeyboard(): Promise<Said> {
  let isShown = true
  const output = new Writable({
    write(chunk, _encoding, done) {
      if (isShown) process.stderr.write(chunk as Uint8Array)
      done()
    },
  })
  const lines = createInterface({ input: process.stdin, output, terminal: process.stdin.isTTY === true })
  try {
    // Line by line, also where both come at once from a pipe.
    const typed = lines[Symbol.asyncIterator]()
    const next = async (prompt: string): Promise<string> => {
      process.stderr.write(prompt)
      return ((await typed.next()) as { value?: string }).value ?? ''
    }
    const name = await next('A restore is for a lead. Name: ')
    isShown = false
    return { name, password: await next('Password, or one of the printed codes: ') }
  } finally {
    lines.close()
    process.stderr.write('\n')
  }
}
