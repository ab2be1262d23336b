import { chromium } from '@playwright/test'
import { CHROMIUM } from './lib/ensure.mjs'
const BASE = process.env.BASE ?? 'http://127.0.0.1:4990'
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] })
for (const spec of process.argv.slice(2)) {
  const [name, path, size = 'd', act = ''] = spec.split('@')
  const phone = size.includes('m')
  const context = await browser.newContext({ viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 }, colorScheme: size.includes('k') ? 'dark' : 'light', locale: 'en-GB', timezoneId: 'UTC' })
  await context.addInitScript((tour) => localStorage.setItem('nimble-anchor.preferences', JSON.stringify({ state: { fitterName: 'Jory Quill', scheme: 'as-device', lastStage: {}, hasSeenTour: !tour }, version: 0 })), size.includes('t'))
  const page = await context.newPage()
  page.on('pageerror', (e) => console.log('ERR', e.message))
  page.on('console', (m) => m.type() === 'error' && console.log('console', m.text().slice(0, 200)))
  await page.goto(BASE + path)
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(700)
  for (const step of act.split('~').filter(Boolean)) {
    const [verb, arg] = step.split('=')
    if (verb === 'press') await page.keyboard.press(arg)
    if (verb === 'click') await page.getByRole('button', { name: new RegExp(arg) }).first().click()
    if (verb === 'link') await page.getByRole('link', { name: new RegExp(arg) }).first().click()
    if (verb === 'tab') await page.getByRole('tab', { name: new RegExp(arg) }).first().click()
    if (verb === 'scroll') await page.evaluate((y) => scrollTo(0, y), Number(arg))
    if (verb === 'type') await page.keyboard.type(arg)
    await page.waitForTimeout(600)
  }
  await page.screenshot({ path: `/tmp/p-${name}.png` })
  console.log(name, await page.evaluate(() => `${document.documentElement.scrollHeight}px ${document.querySelector('main')?.innerText.split(/\s+/).length} words`))
  await context.close()
}
await browser.close()
