import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { DEFAULT_PRACTICE } from '@nimble-anchor/core/practice'
import { DEFAULT_LOCAL_RULE } from '@nimble-anchor/core/law'
import { start, type Running } from './harness'

const ROOT = join(__dirname, '../..')
const demo = (file: string) => JSON.parse(readFileSync(join(ROOT, 'demo', file), 'utf8')) as Record<string, never[]>

let na: Running
beforeAll(async () => {
  na = await start()
})
afterAll(() => na.end())

const named = (...names: string[]) =>
  demo('families.json').children!.filter((c: { name: string }) => names.includes(c.name))
const question = (children: readonly unknown[], more: object = {}) => ({
  format: 'nimble-anchor/arrange',
  version: 1,
  today: '2026-11-24',
  children,
  vehicles: demo('pool-cars.json').vehicles!,
  restraints: demo('restraints.json').models!,
  units: demo('restraints.json').units!,
  practice: DEFAULT_PRACTICE,
  localRule: DEFAULT_LOCAL_RULE,
  ...more,
})
const onCommandLine = (data: unknown) => {
  const file = join(mkdtempSync(join(tmpdir(), 'nimble-anchor-arrange-')), 'question.json')
  writeFileSync(file, JSON.stringify(data))
  return spawnSync(process.execPath, [join(ROOT, 'scripts/arrange.mjs'), file], { encoding: 'utf8' })
}

test('command line and API say the same of the same family, and every car has its word', async () => {
  const asked = question(named('Una', 'Fin'))
  const { body } = await na.post('/api/arrange', asked).expect(200)
  const { status, stdout } = onCommandLine(asked)
  expect([status, JSON.parse(stdout)]).toEqual([1, body])
  expect(body).toMatchObject({ verdict: 'fits-if-measured', proof: 'best' })
  expect(body.cars).toHaveLength(7)
  // The twin who must lie flat takes two places.
  expect(
    body.arrangements[0].seats.map((s: { secondPositionId?: string }) => s.secondPositionId !== undefined),
  ).toEqual([false, true])
})

test('four and a grandmother in a small car: as many as fit, what cannot stand together', async () => {
  const [dunlin] = demo('pool-cars.json').vehicles!.filter((v: { id: string }) => v.id === 'corran-dunlin')
  const adults = [{ id: 'granny', positionId: 'front-left' }]
  const { body } = await na
    .post('/api/arrange', question(named('Una', 'Fin', 'Tamsin', 'Perrin'), { vehicles: [dunlin], adults }))
    .expect(200)
  expect(body.verdict).toBe('does-not-fit')
  expect(body.without.childIds).toHaveLength(1)
  expect(body.conflict.facts.every((f: { kind: string }) => f.kind === 'child-rides')).toBe(true)
})

test('a faulty question names each fault by path, on both', async () => {
  const bad = question(named('Una'), { pins: [{ kind: 'leave-out', vehicleId: 'no-car' }], shoe: 21 })
  const { body } = await na.post('/api/arrange', bad).expect(400)
  expect(body.faults).toEqual([
    { path: '$.shoe', message: 'is not a known field' },
    { path: '$.pins[0].vehicleId', message: 'no car "no-car" here' },
  ])
  const { status, stderr } = onCommandLine(bad)
  expect([status, stderr]).toEqual([2, expect.stringContaining('$.pins[0].vehicleId no car "no-car" here')])
})
