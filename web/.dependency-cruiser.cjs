/** The layers of the page: app -> areas -> parts -> ui, api. An area never knows another; nothing runs in a circle. */
module.exports = {
  forbidden: [
    { name: 'no-circle-of-files', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-circle-of-folders', severity: 'error', scope: 'folder', from: {}, to: { circular: true } },
    { name: 'no-orphan', severity: 'error', from: { orphan: true, pathNot: ['\\.d\\.ts$', '\\.test\\.tsx?$', '^src/test/'] }, to: {} },
    { name: 'api-knows-nothing', severity: 'error', from: { path: '^src/api/' }, to: { path: '^src/(?!api/)' } },
    { name: 'ui-knows-no-subject', severity: 'error', from: { path: '^src/ui/' }, to: { path: '^src/(?!ui/)' } },
    { name: 'parts-know-no-area', severity: 'error', from: { path: '^src/parts/' }, to: { path: '^src/(?!parts/|ui/|api/|test/)' } },
    {
      name: 'areas-know-no-other-area',
      severity: 'error',
      from: { path: '^src/(?!app/|parts/|ui/|api/|test/)([^/]+)/' },
      to: { path: '^src/(?!parts/|ui/|api/|test/)', pathNot: '^src/$1/' },
    },
    { name: 'kit-is-below-the-editor', severity: 'error', from: { path: '^src/editor/kit/' }, to: { path: '^src/editor/(?!kit/)' } },
    {
      name: 'tests-are-of-no-use-to-the-page',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|^src/(editor/)?test/)' },
      to: { path: '(\\.test\\.tsx?$|^src/(editor/)?test/)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.css$|\\.svg$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { conditionNames: ['import', 'require', 'node', 'default', 'types'] },
  },
};
