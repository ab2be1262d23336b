import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { fittedSubject, RULES, severityOf } from '../index.ts'

/** Rules that refuse a mode or a place have a test of their own beside them; the observed ones share `observed.test.ts`. */
test.each(RULES.filter((r) => r.stage === 'choose' || r.stage === 'place').map((r) => [r.stage, r.id]))(
  'rules/%s/%s.ts has its test beside it, which names it',
  (stage, id) => {
    const file = join(__dirname, stage, `${id}.test.ts`)
    expect(existsSync(file)).toBe(true)
    expect(readFileSync(file, 'utf8')).toContain(id)
  },
)

test('advice never becomes more than advice: matching leaves it out of its decisions', () => {
  for (const c of Object.values(CONFIGURATIONS)) {
    const subject = fittedSubject(c)!
    for (const rule of RULES.filter((r) => r.severity === 'advise')) {
      if (!rule.applies(subject as never)) continue
      expect(severityOf({ rule, outcome: rule.evaluate(subject as never) })).toBe('advise')
    }
  }
})
