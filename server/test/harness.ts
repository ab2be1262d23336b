import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fingerprint, IsoDate } from '@nimble-anchor/core/ground'
import type { NestExpressApplication } from '@nestjs/platform-express'
import request from 'supertest'
import { createApp } from '../src/app'
import { SeedFiles } from '../src/demo/commands/seed-files'
import type { Transport } from '../src/net/transport'
import { templates } from './templates'

export const TODAY = IsoDate('2026-11-25')
/** Passwords that cost next to nothing: what they cost in earnest is measured, not waited for. */
const CHEAP = 4
const DEMO = join(__dirname, '../../demo')

export interface Running {
  readonly app: NestExpressApplication
  readonly dataDir: string
  get(path: string): request.Test
  /** JSON, or text of the type named. */
  post(path: string, body?: object | string, type?: string): request.Test
  /** @param seen the state of it that the writer saw */
  put(path: string, body: object, seen?: object): request.Test
  delete(path: string): request.Test
  /** Closes, and opens the same data again. */
  restart(today?: string): Promise<Running>
  end(): Promise<void>
}

const newFolder = (): string => mkdtempSync(join(tmpdir(), 'nimble-anchor-'))

/** A folder with the demo of that day in it, made once in each suite and copied from then on. */
async function demoOf(today: string): Promise<string> {
  const known = templates.get(today)
  if (known !== undefined) return known
  const folder = newFolder()
  const app = await createApp({ dataDir: folder, today: IsoDate(today) })
  await app.get(SeedFiles).run(DEMO, IsoDate(today))
  await app.close()
  templates.set(today, folder)
  return folder
}
/** The whole application on a folder of its own. */
export async function start(
  options: { dataDir?: string; demo?: boolean; today?: string; season?: number; transport?: Transport } = {},
): Promise<Running> {
  const dataDir = options.dataDir ?? newFolder()
  const today = options.today ?? TODAY
  if (options.demo) cpSync(await demoOf(today), dataDir, { recursive: true })
  const app = await createApp({
    dataDir,
    today: IsoDate(today),
    season: options.season,
    scryptCost: CHEAP,
    transport: options.transport,
  })
  await app.listen(0, '127.0.0.1')
  const server = app.getHttpServer() as Parameters<typeof request>[0]
  return {
    app,
    dataDir,
    get: (path) => request(server).get(path),
    post: (path, body = {}, type = 'application/json') => request(server).post(path).type(type).send(body),
    put: (path, body, seen) => {
      const asked = request(server).put(path).send(body)
      return seen === undefined ? asked : asked.set('If-Match', fingerprint(seen))
    },
    delete: (path) => request(server).delete(path),
    restart: async (later) => {
      await app.close()
      return start({ ...options, demo: false, dataDir, today: later ?? today })
    },
    end: async () => {
      await app.close()
      rmSync(dataDir, { recursive: true, force: true })
    },
  }
}

/** Somebody with a cookie of their own, as a browser keeps it. */
export class Browser {
  private cookie = ''
  constructor(
    private readonly at: Running,
    private readonly headers: Readonly<Record<string, string>> = {},
  ) {}

  async ask(method: 'get' | 'post' | 'put' | 'delete', path: string, body?: object): Promise<request.Response> {
    const server = this.at.app.getHttpServer() as Parameters<typeof request>[0]
    let asked = request(server)[method](path).set('Cookie', this.cookie).set(this.headers)
    if (body !== undefined) asked = asked.send(body)
    const answer = await asked
    for (const set of (answer.headers['set-cookie'] as unknown as string[] | undefined) ?? []) this.cookie = set.split(';')[0] ?? '' // prettier-ignore
    return answer
  }
  /** What the browser sends along. */
  get secret(): string {
    return this.cookie
  }
  set secret(cookie: string) {
    this.cookie = cookie
  }
}
