// What the page itself takes, measured in the browser that the journeys use.
import { chromium } from '@playwright/test'
import { CHROMIUM } from '../lib/ensure.mjs'
import { PORT } from './processes.mjs'

async function onPage(path, work) {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] })
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 900 } })
    await page.goto(`http://127.0.0.1:${PORT}/${path}`)
    return await work(page)
  } finally {
    await browser.close()
  }
}

/** Script that the page runs for one step of a handle that is dragged on the fit bench, by the browser's own count. */
export const benchRedrawMs = (id) =>
  onPage(`fittings/${id}/set-up`, async (page) => {
    const handle = page.locator('[data-handle="frontSeatGapMm"]')
    await handle.scrollIntoViewIfNeeded()
    const box = await handle.boundingBox()
    const x = box.x + box.width / 2
    const y = box.y + box.height / 2
    const client = await page.context().newCDPSession(page)
    await client.send('Performance.enable')
    const script = async () => {
      const { metrics } = await client.send('Performance.getMetrics')
      return metrics.find((m) => m.name === 'ScriptDuration').value * 1000
    }
    await page.mouse.move(x, y)
    await page.mouse.down()
    const MOVES = 120
    // Back and forth by more than a step of the seat, so that every move is a redraw.
    const move = (i) => page.mouse.move(x + (i % 2 === 0 ? 25 : -25), y)
    const drawn = () => handle.evaluate((e) => e.outerHTML)
    await move(0)
    const first = await drawn()
    await move(1)
    // A hand that holds nothing would be very fast.
    if ((await drawn()) === first) throw new Error('The handle was not dragged: there was no redraw to measure.')
    for (let i = 0; i < 20; i += 1) await move(i)
    const before = await script()
    for (let i = 0; i < MOVES; i += 1) await move(i)
    const after = await script()
    await page.mouse.up()
    return (after - before) / MOVES
  })

/**
 * Answers one check again and again, each time when the answer before is stored.
 *
 * @returns of every tap how long until it was stored, ms; and how many assessments the page made of all
 */
export const tapsStored = (id, taps) =>
  onPage(`fittings/${id}/attach`, async (page) => {
    await page.locator('[data-checks~="tug-left"]').filter({ visible: true }).click()
    await page.locator('[data-check="tug-left"] [role="radio"]').first().waitFor()
    return page.evaluate(async (count) => {
      const tiles = () => document.querySelectorAll('[data-check="tug-left"] [role="radio"]')
      const line = () => [...document.querySelectorAll('[role="status"]')].map((e) => e.textContent).join()
      const saved = async () => {
        while (!line().includes('Everything saved')) await new Promise((r) => setTimeout(r, 1))
      }
      await saved()
      const assessed = () => performance.getEntriesByName('assessed').length
      const before = assessed()
      const storedMs = []
      for (let i = 0; i < count; i += 1) {
        const start = performance.now()
        const tile = tiles()[i % 2 === 0 ? 1 : 0]
        tile.click()
        await Promise.resolve()
        if (line().includes('Everything saved')) throw new Error('A tap said that it was saved before it was.')
        await saved()
        storedMs.push(performance.now() - start)
      }
      return { storedMs, assessments: assessed() - before }
    }, taps)
  })

/**
 * Goes round all stages by their links, twice before anything is counted. The link is pressed from within the page: what
 * a driver of the browser runs to find it, and to see whether it stands still, is script too, and lays out the page.
 *
 * @returns script of each change of stage, ms, by the browser's own count; and the longest task of all, ms
 */
export const stageChanges = (id, rounds) =>
  onPage(`fittings/${id}/measure`, async (page) => {
    const client = await page.context().newCDPSession(page)
    await client.send('Performance.enable')
    const script = async () => {
      const { metrics } = await client.send('Performance.getMetrics')
      return metrics.find((m) => m.name === 'ScriptDuration').value * 1000
    }
    const stages = ['choose', 'place', 'set-up', 'attach', 'child-in', 'hand-over', 'measure']
    const change = async (stage) => {
      await page.evaluate(() => new Promise((r) => globalThis.requestIdleCallback(r)))
      const before = await script()
      await page.evaluate(async (asked) => {
        const link = document.querySelector(`nav[aria-label="Stages"] a[href$="/${asked}"]`)
        const frame = () => new Promise((r) => globalThis.requestAnimationFrame(r))
        link.click()
        while (link.getAttribute('aria-current') !== 'page') await frame()
        await frame()
        await frame()
      }, stage)
      return (await script()) - before
    }
    await page.locator('nav[aria-label="Stages"]').waitFor()
    for (let i = 0; i < 2; i += 1) for (const stage of stages) await change(stage)
    await page.waitForTimeout(500)
    await page.evaluate(() => {
      globalThis.longTasks = []
      new globalThis.PerformanceObserver((list) => {
        for (const task of list.getEntries()) globalThis.longTasks.push(task.duration)
      }).observe({ type: 'longtask' })
    })
    const changesMs = []
    for (let i = 0; i < rounds; i += 1) for (const stage of stages) changesMs.push(await change(stage))
    return { changesMs, longestTaskMs: Math.max(0, ...(await page.evaluate(() => globalThis.longTasks))) }
  })
