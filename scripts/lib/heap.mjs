// Preloaded by `npm run torture`: says how much memory is held once everything that nobody needs is let go of.
import { isMainThread } from 'node:worker_threads'

if (isMainThread) {
  process.on('message', () => {
    globalThis.gc()
    process.send({ heapMb: Math.round(process.memoryUsage().heapUsed / 1e6) })
  })
}
