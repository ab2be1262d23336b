// Small, dependency-free helpers of the command-line scripts.
import { spawn, spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('../../', import.meta.url)).replace(/\/$/, '')
/**
 * The compiler: it writes what is built, and ESLint reads sources by it. The newer one has no interface for that and writes
 * other code, but finds the same faults in a third of the time: it checks types. Both are called `tsc` by their packages.
 */
export const COMPILER = `${ROOT}/node_modules/typescript/bin/tsc`
export const TYPE_CHECKER = `${ROOT}/node_modules/typescript-native/bin/tsc`
let isQuiet = false
/** From here on nothing but the result goes to standard output. */
export const keepOutputClean = () => (isQuiet = true)
export const say = (text) => (isQuiet ? console.error : console.log)(`· ${text}`)

/** Ends with one plain sentence. */
export function stop(text, code = 1) {
  console.error(`✕ ${text}`)
  process.exit(code)
}

/** Runs a command to its end, its output on ours; returns its exit code. */
export function run(command, args, env = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: ROOT,
    stdio: isQuiet ? ['inherit', 2, 2] : 'inherit',
    env: { ...process.env, ...env },
  })
  if (error?.code === 'ENOENT') return 127
  return status ?? 1
}

export function mustRun(what, command, args, env) {
  say(what)
  const code = run(command, args, env)
  if (code !== 0) stop(`${what}: failed with exit code ${code}.`)
}

export const has = (command) => spawnSync(command, ['--version'], { stdio: 'ignore' }).error === undefined

/** Starts a long-running child that gets our signals, and ends as it ends. */
export function handOverTo(command, args) {
  const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit' })
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => child.kill(signal))
  child.on('exit', (code, signal) => process.exit(code ?? (signal ? 0 : 1)))
}
