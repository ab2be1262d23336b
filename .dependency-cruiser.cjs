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
    // In core a folder may import only from folders before it.
    ...ladder.slice(0, -1).map((folder, i) => ({
      name: `core-ladder-${folder}`,
      severity: 'error',
      from: { path: `^core/src/${folder}/`, pathNot: '\\.test\\.ts$' },
      to: { path: `^core/src/(${ladder.slice(i + 1).join('|')})/` },
    })),
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
