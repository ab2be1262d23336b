import { sep } from 'node:path'
import { applyPuts, putsForMode, putsForPlace, type Case } from '@nimble-anchor/core/casefile'
import {
  type AheadView,
  type CarerLink,
  type FittingSummary,
  type FittingView,
  type RecheckView,
  type SecondLookView,
} from '@nimble-anchor/core/formats'
import { fittedSubject } from '@nimble-anchor/core/match'
import { DEFAULT_PRACTICE } from '@nimble-anchor/core/practice'
import { DEFAULT_LOCAL_RULE } from '@nimble-anchor/core/law'
import { recommendSettings } from '@nimble-anchor/core/procedure'
import { type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import ICAL from 'ical.js'
import { start, type Running } from './harness'

// Two parsers that know nothing of the writers.
// eslint-disable-next-line @typescript-eslint/no-require-imports
const readPdf = require(`pdf-parse${sep}lib${sep}pdf-parse.js`) as (
  data: Buffer,
) => Promise<{ readonly text: string; readonly numpages: number; readonly info: { readonly Title?: string } }>

let running: Running
let fitting: FittingView
beforeAll(async () => {
  running = await start({ demo: true })
  const catalogue = (await running.get('/api/catalogue')).body as { models: RestraintModel[]; units: RestraintUnit[] }
  const created = (await running.post('/api/fittings', { childId: 'perrin-hale', vehicleId: 'corran-dunlin' }))
    .body as FittingView
  const unit = catalogue.units.find((u) => u.id === 'u-sheepshank-2')
  const model = catalogue.models.find((m) => m.id === unit?.modelId)
  if (!unit || !model) throw new Error('the demo has a Sheepshank')
  let c: Case = created.case
  let sequence = 0
  const enter = async (puts: Parameters<typeof applyPuts>[1]) => {
    const answer = await running.post(`/api/fittings/${created.id}/entries`, {
      baseSequence: sequence,
      who: 'Jory',
      puts: [...puts],
    })
    fitting = answer.body as FittingView
    sequence = fitting.sequence
    c = fitting.case
  }
  await enter(putsForMode(c, model, 'rearward', unit))
  await enter(putsForPlace(c, 'rear-right', 'isofix-leg'))
  await enter([{ path: ['child', 'seatedShoulderHeightMm'], value: { value: 336, plusMinus: 4, source: 'measured' } }])
  const subject = fittedSubject(c)
  if (!subject) throw new Error('everything is chosen')
  await enter(
    recommendSettings(subject).flatMap((r) =>
      r.kind === 'set' ? [{ path: ['settings', r.setting], value: { value: r.value } }] : [],
    ),
  )
})
afterAll(() => running.end())

const binary = (path: string) =>
  running
    .get(path)
    .buffer(true)
    .parse((res, done) => {
      const parts: Buffer[] = []
      res.on('data', (part: Buffer) => parts.push(part))
      res.on('end', () => done(null, Buffer.concat(parts)))
    })

test('the sheet is a PDF of one or two pages that says verdict, settings, what is due, and the caution', async () => {
  const answer = await binary(`/api/fittings/${fitting.id}/sheet.pdf`).expect(200)
  expect(answer.headers['content-type']).toContain('application/pdf')
  const { text, numpages, info } = await readPdf(answer.body as Buffer)
  expect(numpages).toBeLessThanOrEqual(2)
  expect(info.Title).toBe('Handover: Perrin Hale')
  const words = text.replace(/\s+/g, ' ')
  for (const wanted of [
    'Perrin Hale',
    'Corran Dunlin',
    'Ravel Sheepshank, Rearward, 40–105 cm',
    'slot 5 (330 mm)',
    'What changes next',
    'Look at the fit again',
    '25 March 2027',
    'Not signed',
    'Before a ride, look again',
    'The leg stands flat on the bare floor',
    'a child travels only after a competent person has checked the installation by hand',
  ])
    expect(words).toContain(wanted)
  // The drawings beside them carry this fitting's own figures.
  for (const drawn of ['24°', '5 / 7', '≤ 25 mm', 'left', 'right'])
    expect([drawn, words.includes(drawn)]).toEqual([drawn, true])
})

test('what is due is a calendar of whole days, each at the early end of its forecast, with a reminder', async () => {
  const answer = await running.get(`/api/fittings/${fitting.id}/due.ics`).expect(200)
  expect(answer.headers['content-type']).toContain('text/calendar')
  const calendar = new ICAL.Component(ICAL.parse(answer.text))
  const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e))
  const { items } = (await running.get(`/api/fittings/${fitting.id}/ahead`)).body as AheadView
  expect(events.map((e) => e.startDate.toString())).toEqual(items.map((i) => i.early))
  expect(events.every((e) => e.startDate.isDate && e.duration.toSeconds() === 86_400)).toBe(true)
  expect(events[0]?.summary).toBe('Perrin: Look at the fit again')
  expect(events.every((e) => e.component.getFirstSubcomponent('valarm') !== null)).toBe(true)
  // A calendar travels: it holds the first name and no other measure or name of the child.
  expect(answer.text).not.toContain('Hale')
  // The same fitting gives the same entries, which replace the old ones.
  expect((await running.get(`/api/fittings/${fitting.id}/due.ics`)).text).toBe(answer.text)
})

test('the road ahead: dated items, and ways through the years from the shelf', async () => {
  const { items, sequences } = (await running.get(`/api/fittings/${fitting.id}/ahead`).expect(200)).body as AheadView
  expect(items.map((i) => i.kind)).toEqual(expect.arrayContaining(['next-check', 'mode-ends', 'unit-ends']))
  expect(sequences[0]?.legs[0]).toMatchObject({ modelId: 'ravel-sheepshank', serial: 'SK-7750', isNew: false })
  expect(JSON.stringify(sequences)).not.toContain('routes')
  const wider = (await running.get(`/api/fittings/${fitting.id}/ahead?of=catalogue`).expect(200)).body as AheadView
  const reach = (view: AheadView) => view.sequences[0]?.gaps.length ?? 0
  expect(reach(wider)).toBeLessThanOrEqual(reach({ asOf: wider.asOf, items, sequences }))
  expect(wider.asOf).toBe('2026-11-25')
  const refused = await running.get(`/api/fittings/${fitting.id}/ahead?of=shop`).expect(400)
  expect(refused.body.faults[0].path).toBe('$.of')
})

test('a fitting with nothing chosen has a sheet that says so, and nothing due', async () => {
  const bare = (await running.post('/api/fittings', { childId: 'una-carrow' })).body as FittingView
  const { text } = await readPdf((await binary(`/api/fittings/${bare.id}/sheet.pdf`).expect(200)).body as Buffer)
  expect(text).toContain('none yet')
  expect(bare.case.practice).toEqual(expect.objectContaining({ id: DEFAULT_PRACTICE.id }))
  expect(bare.case.localRule).toEqual(expect.objectContaining({ id: DEFAULT_LOCAL_RULE.id }))
  const calendar = new ICAL.Component(ICAL.parse((await running.get(`/api/fittings/${bare.id}/due.ics`)).text))
  expect(calendar.getAllSubcomponents('vevent')).toEqual([])
})

test('a mode chosen and nothing set yet still has its sheet', async () => {
  const begun = (await running.post('/api/fittings', { childId: 'ada-strand' })).body as FittingView
  const chosen = { ...fitting.case.choice, positionId: undefined, routeId: undefined, at: undefined }
  const puts = [
    { path: ['restraints'], value: fitting.case.restraints },
    { path: ['units'], value: fitting.case.units },
    { path: ['choice'], value: JSON.parse(JSON.stringify(chosen)) as object },
  ]
  await running.post(`/api/fittings/${begun.id}/entries`, { baseSequence: 0, who: 'Jory', puts }).expect(200)
  const { text } = await readPdf((await binary(`/api/fittings/${begun.id}/sheet.pdf`).expect(200)).body as Buffer)
  expect(text).toContain('Ravel Sheepshank')
  expect(text).not.toContain('Settings to remember')
})

test('a signed fitting is revised in one of its own; an open one is not', async () => {
  const refused = await running.post(`/api/fittings/${fitting.id}/revise`).expect(409)
  expect((refused.body as { message: string }).message).toContain('Only a signed fitting is revised')
  const handover = { fitterName: 'Jory Quill', carerName: 'Maren Hale', signedAt: '2026-11-20T10:00:00Z' }
  const signed = (await running.post('/api/fittings/import', { ...fitting.case, handover })).body as FittingView
  const revision = (await running.post(`/api/fittings/${signed.id}/revise`).expect(201)).body as FittingView
  expect(revision).toMatchObject({ status: 'open', revises: signed.id })
  expect(revision.case.handover).toBeUndefined()
  expect(revision.case.settings).toEqual(signed.case.settings)
  // Both are kept, and the signed one says what it said.
  const kept = (await running.get(`/api/fittings/${signed.id}`)).body as FittingView
  expect(kept).toMatchObject({ status: 'signed', revises: null, case: { handover } })
  const list = (await running.get('/api/fittings')).body as FittingSummary[]
  expect(list.find((f) => f.id === revision.id)?.revises).toBe(signed.id)
})

test('a carer’s link is answered so often and no more, by however many at once', async () => {
  const handover = { fitterName: 'Jory Quill', carerName: 'Maren Hale', signedAt: '2026-11-20T10:00:00Z' }
  const signed = (await running.post('/api/fittings/import', { ...fitting.case, handover })).body as FittingView
  await running.post(`/api/fittings/${fitting.id}/carer-link`).expect(404)
  const { url } = (await running.post(`/api/fittings/${signed.id}/carer-link`).expect(200)).body as CarerLink
  const address = `/api/second-look/${url.split('#')[1] ?? ''}`
  const { items } = (await running.get(address).expect(200)).body as SecondLookView
  const answers = Object.fromEntries(items.map((i) => [i.id, 'yes']))
  const strange = (await running.post(address, { answers: { nonsense: 'yes' } }).expect(400)).body as {
    faults: unknown
  }
  expect(strange.faults).toEqual([{ path: '$.answers.nonsense', message: 'is not asked of this fitting' }])
  const all = await Promise.all(Array.from({ length: 23 }, () => running.post(address, { answers })))
  expect(all.filter((a) => a.status === 200)).toHaveLength(20)
  expect(all.filter((a) => a.status === 404)).toHaveLength(3)
  const kept = (await running.get(`/api/fittings/${signed.id}/rechecks`)).body as RecheckView[]
  expect(kept).toHaveLength(20)
  expect(kept[0]).toMatchObject({ fittingId: signed.id, who: 'Maren Hale', kind: 'pass', answers })
  await running.get(`${address}x`).expect(404)
})

test.each(['ahead', 'sheet.pdf', 'due.ics'])('%s of no fitting is a 404, of no id a 400', async (what) => {
  await running.get(`/api/fittings/00000000-0000-4000-8000-000000000000/${what}`).expect(404)
  await running.get(`/api/fittings/nonsense/${what}`).expect(400)
})
