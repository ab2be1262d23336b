import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readExplained } from '../../scripts/lib/mutants-explained.mjs'

const EXPLAINED = join(__dirname, '../mutants')
const SRC = join(__dirname, '../src')
const inOneLine = (text: string): string => text.replace(/\s+/g, ' ')

test('faults of one file share a reason or have one each', () => {
  const text = '# Said once\n## law/limits.ts\n«a» → «b»\n«a» → «c»\n  equal\n\n«d» → «e»\n  a cache\n'
  expect(readExplained(text)).toEqual([
    { file: 'law/limits.ts', fault: '«a» → «b»', why: 'equal' },
    { file: 'law/limits.ts', fault: '«a» → «c»', why: 'equal' },
    { file: 'law/limits.ts', fault: '«d» → «e»', why: 'a cache' },
  ])
})
test('one without a reason or without a file is refused by its line', () => {
  expect(() => readExplained('## a.ts\n«a» → «b»\n')).toThrow('line 3: no reason below «a» → «b»')
  expect(() => readExplained('## a.ts\n«a» → «b»\n## b.ts\n')).toThrow('line 3: no reason')
  expect(() => readExplained('«a» → «b»\n  equal\n')).toThrow('line 1: no file above')
})
test.each(readdirSync(EXPLAINED))('what %s explains still stands where it says', (name) => {
  const explained = readExplained(readFileSync(join(EXPLAINED, name), 'utf8'))
  expect(explained.length).toBeGreaterThan(0)
  const gone = explained.filter(({ file, fault }) => {
    const path = join(SRC, file)
    const original = /^«(.*?)…?» → «/s.exec(fault)?.[1] ?? ''
    return !existsSync(path) || !inOneLine(readFileSync(path, 'utf8')).includes(original)
  })
  expect(gone).toEqual([])
})
