// A suite and all it stands on as one file: `node scripts/lib/bundle-suite.mjs SUITE BUNDLE`. A mutant's tests take
// milliseconds; finding, reading and wrapping some thousand modules for each was what took the time.
import { dirname } from 'node:path'
import { rolldown } from 'rolldown'

const [suite, bundle] = process.argv.slice(2)
const built = await rolldown({
  input: suite,
  platform: 'node',
  // A mutant changes which code is dead.
  treeshake: false,
  // A test that reads a file beside it still finds it.
  plugins: [
    {
      name: 'own-folder',
      transform: (code, id) =>
        code.includes('__dirname') ? code.replaceAll('__dirname', JSON.stringify(dirname(id))) : undefined,
    },
  ],
})
await built.write({ file: bundle, format: 'cjs' })
