// Brings a fresh clone to where it can build: Node, compiler, packages, browser. Safe to run again.
import { createHash } from 'node:crypto'
import { accessSync, constants, existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { has, mustRun, ROOT, run, say, stop } from './run.mjs'

const STAMP = `${ROOT}/node_modules/.nimble-anchor-stamp`
export const CHROMIUM = '/usr/bin/chromium'
const HEADLESS = '/usr/bin/chromium-headless-shell'

function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 11) || major > 24) {
    stop(`Node.js 20.11 to 24 is needed; this is ${process.versions.node}.`)
  }
}

/** Installs exactly what the lock file says, once per lock file and Node version. */
export function ensureInstalled() {
  checkNode()
  const lock = readFileSync(`${ROOT}/package-lock.json`)
  const wanted = createHash('sha256').update(lock).update(process.version).digest('hex')
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return
  try {
    accessSync(ROOT, constants.W_OK)
  } catch {
    stop(`No permission to write in ${ROOT}; packages cannot be installed there.`)
  }
  const missing = ['python3', 'make', 'g++'].filter((tool) => !has(tool))
  if (missing.length > 0) {
    stop(
      `The database driver is compiled from source and needs ${missing.join(', ')}; on Debian: apt-get install python3 make g++`,
    )
  }
  mustRun(
    'Installing packages; the database driver is compiled, which takes two to four minutes',
    'npm',
    ['ci', '--no-audit', '--no-fund', '--loglevel=error'],
    {
      npm_config_build_from_source: 'true',
      // Quicker to compile by half; the driver spends its time in the disk, not here.
      CFLAGS: process.env.CFLAGS ?? '-O1',
      CXXFLAGS: process.env.CXXFLAGS ?? '-O1',
    },
  )
  rmSync(`${ROOT}/.built`, { force: true })
  writeFileSync(STAMP, wanted)
}

/**
 * Debian's own Chromium, which the browser tests drive; and, where Debian has it and it may be installed, the same
 * without windows, in which they take less time.
 */
export function ensureChromium() {
  const isRoot = process.getuid?.() === 0
  if (!existsSync(CHROMIUM)) {
    if (!isRoot) stop(`The browser tests need ${CHROMIUM}; install Debian's package "chromium".`)
    say('Installing Chromium from Debian’s packages')
    if (run('apt-get', ['update', '-qq'], QUIET) !== 0) stop('apt-get update failed; Chromium cannot be installed.')
    if (!install('chromium', 'fonts-dejavu-core')) stop('apt-get could not install Chromium.')
  }
  if (existsSync(HEADLESS) || !isRoot) return
  // Of the lists that are there already, at the cost of no other package, and not waited for where nothing answers:
  // without it the journeys run in the whole one.
  const quickly = ['-o', 'Acquire::http::Timeout=10', '-o', 'Acquire::Retries=0', '--no-remove']
  if (!install(...quickly, 'chromium-headless-shell')) say('Debian’s headless Chromium is not to be had; the journeys run in the whole one') // prettier-ignore
}

const QUIET = { DEBIAN_FRONTEND: 'noninteractive' }
const install = (...asked) => run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...asked], QUIET) === 0
