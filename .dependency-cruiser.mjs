/**
 * The folders in their order: each imports only from those that stand before it, so no circle can close between them.
 * Tests may look ahead; what serves tests only is never imported by the product.
 */
const CORE = [
  'facts/standards',
  'facts/quantities',
  'facts/random',
  'facts/vocabulary',
  'physics/power',
  'physics/heat',
  'physics/trip',
  'physics/breakerEstimate',
  'physics/profile',
  'physics/loadCombinations',
  'physics/tripTimeQuery',
  'code/sizing',
  'panel/layout',
  'panel/directory',
  'record/entities',
  'record/settings',
  'diagnosis/causes',
  'diagnosis/isolation',
  'diagnosis/wear',
  'diagnosis/evidence',
  'diagnosis/danger',
  'diagnosis/engine',
  'diagnosis/decision',
  'diagnosis/cases',
  'diagnosis/outcomes',
  'views/board',
  'views/timeline',
  'views/search',
  'views/siteFile',
  'views/csv',
  'compute',
  'simulate',
];

const TEST = String.raw`\.test\.tsx?$`;

const inOrder = (root, folders) =>
  folders.slice(0, -1).map((folder, i) => ({
    name: `${root}/${folder} imports only what stands before it`,
    severity: 'error',
    from: { path: `^${root}/${folder}/`, pathNot: TEST },
    to: { path: `^${root}/(${folders.slice(i + 1).join('|')})/` },
  }));

export default {
  forbidden: [
    { name: 'no circle, not even of types', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core knows neither server nor web',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(server|web|e2e)/' },
    },
    {
      name: 'server and web meet in core only',
      severity: 'error',
      from: { path: '^(server|web)/' },
      to: { path: '^(server|web|e2e)/', pathNot: '^$1/' },
    },
    {
      name: 'the product imports no builders of tests',
      severity: 'error',
      from: { path: '^(core|server|web)/src/', pathNot: [TEST, '^(core|server)/src/testing/'] },
      to: { path: '^(core|server)/src/testing/' },
    },
    ...inOrder('core/src', CORE),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|node_modules/(?!@phylaxon))/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
    cache: { folder: 'node_modules/.cache/dependency-cruiser', strategy: 'content' },
  },
};
