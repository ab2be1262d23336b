import { execFileSync } from 'node:child_process'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { extname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import type { Page } from '@playwright/test'
import { expect, test } from './served.ts'

const ROOT = fileURLToPath(new URL('..', import.meta.url))
const TYPES: Readonly<Record<string, string>> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
}

/** The interface in the pseudo-language: every message file of web and core speaks it. */
let built = ''
test.beforeAll(() => {
  built = mkdtempSync(join(tmpdir(), 'nimble-anchor-pseudo-'))
  execFileSync(
    process.execPath,
    [join(ROOT, 'node_modules/vite/bin/vite.js'), 'build', '--mode', 'pseudo', '--outDir', built, '--emptyOutDir', '--logLevel', 'error'],
    { cwd: join(ROOT, 'web') },
  ) // prettier-ignore
})
test.afterAll(() => rmSync(built, { recursive: true, force: true }))

/** What names things whatever the language, and what formats of numbers and days write by themselves. */
const ALLOWED = [
  /nimble anchor/g, /isofix/g, /i-size/g, /\bun\b/g, /\b(pdf|csv|svg|json|qr|pin)\b/g,
  // Units, groups, envelopes and letters of handbooks, keys.
  /\b(mm|cm|kg|lb|oz|in|nm?|i{1,3}|on|or)\b/g,  /\b[a-z]{0,2}\d+x?\b/g, /\b[a-z]\b/g, /\b(iuf|il|uf|esc|ctrl|alt|shift)\b/g,
  /\b(mon|tues?|wednes|thurs?|fri|satur|sun)(day)?\b|\b(wed|thu|sat)\b/g,
  /\b(jan(uary)?|feb(ruary)?|mar(ch)?|apr(il)?|may|june?|july?|aug(ust)?|sep(t(ember)?)?|oct(ober)?|nov(ember)?|dec(ember)?)\b/g,
  /\b\d+(am|pm)?\b/g, /\b(am|pm)\b/g,
] // prettier-ignore

/** Rules and their limits are named by their own keys in the rule book. */
const KEYS_OF_RULES = [/r129-booster-floor/g, /booster with a back, from|cushion, from/g]

/** Texts that the server told: names of cars, restraints and children, notes, and what it had judged itself. */
function hearing(page: Page): Set<string> {
  const told = new Set<string>()
  const take = (x: unknown): void => {
    if (typeof x === 'string') {
      if (x.length > 2) told.add(x.toLowerCase())
    } else if (Array.isArray(x)) x.forEach(take)
    else if (typeof x === 'object' && x !== null) Object.values(x).forEach(take)
  }
  for (const file of readdirSync(join(ROOT, 'demo')).filter((f) => f.endsWith('.json')))
    take(JSON.parse(readFileSync(join(ROOT, 'demo', file), 'utf8')))
  page.on('response', (r) => {
    if (!new URL(r.url()).pathname.startsWith('/api/')) return
    if (r.headers()['content-type']?.includes('json') === true) r.json().then(take, () => undefined)
  })
  return told
}

/** Everything that is seen or read out on the page. */
const said = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() => {
    const texts = new Set<string>()
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let n = walk.nextNode(); n; n = walk.nextNode()) {
      const by = n.parentElement
      // What is typed is nobody’s message.
      if (by === null || by.closest('script, style, textarea, [contenteditable], [data-sonner-toaster]') !== null)
        continue
      if (by.getClientRects().length > 0) texts.add(n.textContent?.trim() ?? '')
    }
    for (const e of document.querySelectorAll('[aria-label], [placeholder], [title], [alt]'))
      for (const a of ['aria-label', 'placeholder', 'title', 'alt']) texts.add(e.getAttribute(a)?.trim() ?? '')
    return [...texts]
  })

function english(texts: readonly string[], told: ReadonlySet<string>): readonly string[] {
  const known = [...told].toSorted((a, b) => b.length - a.length)
  return texts.filter((text) => {
    let rest = text.toLowerCase()
    // Of what has its own letters already nothing is looked for.
    if (!/[aeiouync]/.test(rest)) return false
    for (const pattern of KEYS_OF_RULES) rest = rest.replace(pattern, ' ')
    for (const s of known) if (rest.includes(s)) rest = rest.split(s).join(' ')
    for (const pattern of ALLOWED) rest = rest.replace(pattern, ' ')
    return /[aeiouy]/.test(rest)
  })
}

/** `npm run words` looks at all of them, and at each of their tabs. */
const WHOLE = process.env.SWEEP === 'whole'
const ALL_PAGES = ['', 'families', 'families/tamsin-hale', 'vehicles', 'vehicles/corran-dunlin', 'vehicles/corran-dunlin/edit', 'vehicles/new', 'restraints', 'restraints/ravel-sheepshank', 'restraints/ravel-sheepshank/edit', 'restraints/new', 'logbook', 'rules', 'settings', 'people', 'growth/tamsin-hale', 'arrange', 'nowhere-at-all'] // prettier-ignore
const SOME_PAGES = ['', 'vehicles/corran-dunlin', 'restraints/new', 'settings']

test('no screen says anything that does not stand in a message file', async ({ page, server }) => {
  test.setTimeout(240_000)
  await page.route(
    (url) => url.origin === server.url && !url.pathname.startsWith('/api/'),
    (route) => {
      const path = join(built, new URL(route.request().url()).pathname)
      const file = existsSync(path) && statSync(path).isFile() ? path : join(built, 'index.html')
      return route.fulfill({
        body: readFileSync(file),
        contentType: TYPES[extname(file)] ?? 'application/octet-stream',
      })
    },
  )
  const told = hearing(page)
  // Names of the format that are words already: "emergency-locking" is shown as "emergency locking".
  const api = await (await page.request.get(`${server.url}/api/docs-json`)).text()
  for (const [, name = ''] of api.matchAll(/"([a-z]+(?:-[a-z]+)+)"/g)) told.add(name.replaceAll('-', ' '))
  const found: string[] = []
  const look = async (where: string): Promise<void> => {
    await page.waitForTimeout(100)
    for (const text of english(await said(page), told)) found.push(`${where}: ${text}`)
  }
  const example = JSON.parse(readFileSync(join(ROOT, 'docs/formats/example.case.json'), 'utf8')) as object
  const begun = await page.request.post(`${server.url}/api/fittings/import?child=known`, { data: example })
  const { id } = (await begun.json()) as { id: string }
  for (const stage of ['measure', 'choose', 'place', 'set-up', 'attach', 'child-in', 'hand-over']) {
    await page.goto(`${server.url}/fittings/${id}/${stage}`)
    await page.locator('[aria-live=polite]').first().waitFor()
    await page.locator('#stage-heading, main').first().waitFor()
    await page.waitForTimeout(300)
    await look(stage)
    for (const tab of WHOLE ? await page.getByRole('tab').all() : []) {
      await tab.click()
      await look(`${stage}, a tab`)
    }
  }
  for (const path of WHOLE ? ALL_PAGES : SOME_PAGES) {
    await page.goto(`${server.url}/${path}`)
    await page.locator('main, h1').first().waitFor()
    await page.waitForTimeout(300)
    await look(`/${path}`)
    for (const tab of WHOLE ? (await page.getByRole('tab').all()).slice(0, 12) : []) {
      await tab.click()
      await look(`/${path}, a tab`)
    }
  }
  expect([...new Set(found)]).toEqual([])
})
