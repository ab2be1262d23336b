import 'reflect-metadata'
import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { createApp } from './app'
import { CatalogueService } from './catalogue/catalogue.service'
import { seedDemo } from './demo'
import { Clock } from './http/clock'
import { CannotOpen } from './storage/store-faults'

const ROOT = resolve(__dirname, '..', '..')

function plainly(error: unknown, port: number, dataDir: string): string {
  if (error instanceof CannotOpen) return error.message
  const code = (error as { code?: string }).code
  if (code === 'EADDRINUSE')
    return `Port ${port} is taken. Stop the other program, or start with: npm start -- --port ${port + 1}`
  if (
    code === 'EACCES' ||
    code === 'SQLITE_CANTOPEN' ||
    code === 'EPERM' ||
    code === 'EROFS' ||
    code === 'SQLITE_READONLY'
  ) {
    return `No permission to use port ${port} or to write in ${dataDir}. Choose others with --port and --data.`
  }
  if (code === 'ENOTDIR' || code === 'EEXIST') return `${dataDir} is not a folder. Choose another with --data.`
  return `Could not start: ${error instanceof Error ? error.message : String(error)}`
}

async function main(): Promise<void> {
  // What is written here is about children: for its owner only.
  process.umask(0o077)
  const { values } = parseArgs({
    options: {
      port: { type: 'string', default: '4310' },
      data: { type: 'string', default: join(ROOT, 'data') },
      today: { type: 'string' },
      'no-demo': { type: 'boolean', default: false },
    },
  })
  const port = Number(values.port)
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    console.error(`--port must be a whole number from 1 to 65535, got "${values.port}"`)
    process.exit(2)
  }
  const dataDir = resolve(values.data)
  try {
    const app = await createApp({ dataDir, webDir: join(ROOT, 'web', 'dist'), today: values.today })
    if (!values['no-demo']) {
      const rows = await seedDemo(app.get(CatalogueService), join(ROOT, 'demo'), app.get(Clock).today())
      if (rows > 0) console.log(`Demo data of Tarn Holm imported: ${rows} rows.`)
    }
    // Loopback only: children's data stays on this machine.
    await app.listen(port, '127.0.0.1')
    console.log(`Nimble Anchor is at http://127.0.0.1:${port}`)
  } catch (error) {
    console.error(plainly(error, port, dataDir))
    process.exit(1)
  }
}

void main()
