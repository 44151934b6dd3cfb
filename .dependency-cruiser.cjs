// The import table of the project. Core topics may import only themselves and the topics above them.
const order = [
  'result',
  'units',
  'geometry',
  'pocket',
  'model',
  'loads',
  'wood',
  'joints',
  'statics',
  'ground',
  'layout',
  'files',
  'marks',
  'quantities',
  'columns',
  'sticks',
  'terrain',
  'field',
  'people',
  'frame',
  'drawn',
  'rules',
  'derive',
  'sizing',
]
const later = (topic) => order.slice(order.indexOf(topic) + 1).join('|')
const test = '(\\.test\\.tsx?$|/testing/)'
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    ...order
      .filter((t) => later(t))
      .map((t) => ({
        name: `core-${t}-looks-up-only`,
        severity: 'error',
        from: { path: `^src/core/${t}/`, pathNot: test },
        to: { path: `^src/core/(${later(t)})/` },
      })),
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: test },
      to: { pathNot: '^(src/core/|node_modules/(zod|ml-matrix|delaunator|d3-contour)/)' },
    },
    {
      name: 'formats-read-core-only',
      severity: 'error',
      from: { path: '^src/formats/', pathNot: test },
      to: { path: '^src/(server|features|ui|app)/' },
    },
    {
      name: 'server-has-no-interface',
      severity: 'error',
      from: { path: '^src/server/' },
      to: { path: '^src/(features|ui|app)/' },
    },
    {
      name: 'features-never-reach-the-server',
      severity: 'error',
      from: { path: '^src/features/' },
      to: { path: '^src/(server|app)/' },
    },
    {
      name: 'ui-knows-no-domain',
      severity: 'error',
      from: { path: '^src/ui/', pathNot: test },
      to: { path: '^src/(server|features|app|formats)/|^src/core/(?!(units|result)/)' },
    },
    {
      name: 'app-has-no-sql',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: '^(src/server/(db|repositories)/|node_modules/knex)' },
    },
    ...['site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing', 'holds', 'book'].map((s) => ({
      name: `stage-${s}-stands-alone`,
      severity: 'error',
      from: { path: `^src/features/${s}/` },
      to: { path: `^src/features/(?!${s}/|shell/|job/|drawing/|jobs/|field/)[^/]+/` },
    })),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
}
