import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { NestExpressApplication } from '@nestjs/platform-express'
import { daysBetween } from '@nimble-anchor/core'
import request from 'supertest'
import { createApp } from '../src/app'
import { CatalogueService } from '../src/catalogue/catalogue.service'
import { importDemo } from '../src/demo'

export const TODAY = '2026-11-25'
const DEMO = join(__dirname, '../../demo')

export interface Running {
  readonly app: NestExpressApplication
  readonly dataDir: string
  get(path: string): request.Test
  /** JSON, or text of the type named. */
  post(path: string, body?: object | string, type?: string): request.Test
  put(path: string, body: object): request.Test
  delete(path: string): request.Test
  /** Closes, and opens the same data again. */
  restart(today?: string): Promise<Running>
  end(): Promise<void>
}

/** The whole application on a folder of its own. */
export async function start(options: { dataDir?: string; demo?: boolean; today?: string } = {}): Promise<Running> {
  const dataDir = options.dataDir ?? mkdtempSync(join(tmpdir(), 'nimble-anchor-'))
  const today = options.today ?? TODAY
  const app = await createApp({ dataDir, today })
  if (options.demo) await importDemo(app.get(CatalogueService), DEMO, (asOf) => daysBetween(asOf, today))
  await app.listen(0, '127.0.0.1')
  const server = app.getHttpServer() as Parameters<typeof request>[0]
  return {
    app,
    dataDir,
    get: (path) => request(server).get(path),
    post: (path, body = {}, type = 'application/json') => request(server).post(path).type(type).send(body),
    put: (path, body) => request(server).put(path).send(body),
    delete: (path) => request(server).delete(path),
    restart: async (later) => {
      await app.close()
      return start({ dataDir, today: later ?? today })
    },
    end: async () => {
      await app.close()
      rmSync(dataDir, { recursive: true, force: true })
    },
  }
}
