// The programs that the bench talks to, each in a process of its own.
import { spawn } from 'node:child_process'
import { ENGINE, SERVER } from '../lib/engine.mjs'
import { ROOT } from '../lib/run.mjs'

export const PORT = 4396
const BARE_PORT = 4397

const running = new Set()
process.on('exit', () => running.forEach((child) => child.kill('SIGKILL')))

async function begin(args, sign, env = {}) {
  const child = spawn(process.execPath, args, { env: { ...process.env, ...env } })
  running.add(child)
  const gone = new Promise((resolve) => child.once('exit', resolve)).finally(() => running.delete(child))
  let text = ''
  await new Promise((resolve, reject) => {
    const hear = (chunk) => {
      text += chunk
      if (text.includes(sign)) resolve()
    }
    child.stdout.on('data', hear)
    child.stderr.on('data', hear)
    void gone.then(() => reject(new Error(`${args.join(' ')} did not start: ${text}`)))
  })
  return {
    stop: () => {
      child.kill('SIGTERM')
      return gone
    },
  }
}

/** @param coverage a folder to which the program writes, at its end, how often each function was called */
export const serve = (data, coverage) =>
  begin(
    [...SERVER, '--port', `${PORT}`, '--data', data],
    'Nimble Anchor is at',
    coverage && { NODE_V8_COVERAGE: coverage },
  )
/** Where it is served. */
export const SERVED = `http://127.0.0.1:${PORT}`
export const serveBare = (file) =>
  begin([...ENGINE, `${ROOT}/scripts/bench/bare-server.mjs`, file, `${BARE_PORT}`], 'ready')

export const call = (path, body, headers = {}) =>
  fetch(
    `http://127.0.0.1:${PORT}/api/${path}`,
    body && { method: 'POST', headers: { 'content-type': 'application/json', ...headers }, body: JSON.stringify(body) },
  ).then((r) => r.json())
export const callBare = (path, body, method = body === undefined ? 'GET' : 'POST') =>
  fetch(`http://127.0.0.1:${BARE_PORT}/${path}`, {
    method,
    ...(body !== undefined && { body: JSON.stringify(body) }),
  }).then((r) => r.json())
