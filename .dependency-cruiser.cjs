/** Imports run one way: web → core, server → core; core imports nothing of theirs and no platform. */
const ladder = [
  'ground',
  'law',
  'quantities',
  'instruments',
  'child',
  'growth',
  'vehicle',
  'restraint',
  'practice',
  'checks',
  'readings',
  'casefile',
  'fit',
  'rules',
  'match',
  'forecast',
  'procedure',
  'aftercare',
  'bench',
  'verdict',
  'rehearse',
  'drawings',
  'ahead',
  'handover',
  'formats',
]

const serverLadder = [
  'net',
  'http',
  'storage',
  'work',
  'people',
  'practice',
  'projections',
  'rules',
  'assess',
  'live',
  'fittings',
  'aftercare',
  'handover',
  'catalogue',
  'families',
  'records',
  'copies',
  'demo',
]
const webLadder = [
  'session',
  'drawings',
  'forecast',
  'ui',
  'form',
  'commands',
  'demo',
  'photos',
  'instruments',
  'people',
  'car',
  'growth',
  'ahead',
  'recheck',
  'jobs',
  'today',
  'fitting',
  'families',
  'logbook',
  'settings',
  'restraints',
  'vehicles',
  'rulebook',
  'app',
]

/** A folder imports only from folders before it: no circle of folders can come about. */
const rungs = (name, root, folders, pathNot) =>
  folders.slice(0, -1).map((folder, i) => ({
    name: `${name}-ladder-${folder}`,
    severity: 'error',
    from: { path: `^${root}/${folder}/`, pathNot },
    to: { path: `^${root}/(${folders.slice(i + 1).join('|')})/` },
  }))
/** A folder that stands in no ladder would be held by none. */
const unnamed = (name, root, folders) => ({
  name: `${name}-every-folder-has-a-rung`,
  severity: 'error',
  from: {},
  to: { path: `^${root}/[^/]+/`, pathNot: `^${root}/(${folders.join('|')})/` },
})

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-alone',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(web|server|e2e)/' },
    },
    {
      name: 'core-has-no-platform',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    { name: 'web-and-server-apart', severity: 'error', from: { path: '^web/src' }, to: { path: '^server/' } },
    { name: 'server-without-web', severity: 'error', from: { path: '^server/src' }, to: { path: '^web/' } },
    ...rungs('core', 'core/src', ladder, ['\\.test\\.ts$']),
    unnamed('core', 'core/src', ladder),
    // A migration that was shipped stays as it was: one reads how a case is judged.
    ...rungs('server', 'server/src', serverLadder, ['^server/src/storage/migrations/']),
    unnamed('server', 'server/src', serverLadder),
    ...rungs('web', 'web/src', webLadder, ['\\.test\\.tsx?$']),
    unnamed('web', 'web/src', webLadder),
    {
      name: 'core-through-the-door',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/[^/]+/', pathNot: ['^core/src/$1/', '^core/src/[^/]+/index\\.ts$'] },
    },
    {
      name: 'through-the-door',
      severity: 'error',
      from: { path: '^(web|server)/src' },
      to: { path: '^core/src/', pathNot: '^core/src/[a-z-]+/index\\.ts$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules|dist' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      conditionNames: ['source', 'import', 'require', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.json'],
    },
  },
}
