// core <- contract <- server, web; web never meets server; nothing goes in circles.
module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/(?!time/|text/csv|text/near|species/lookUp)', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^core/' },
    },
    {
      name: 'core-time-zone-library-only',
      severity: 'error',
      from: { path: '^core/time/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^core/|@date-fns/tz' },
    },
    {
      name: 'core-csv-and-look-up-libraries-only',
      severity: 'error',
      from: { path: '^core/(text/(csv|near)|species/lookUp)', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^core/|node_modules/(@types/)?(papaparse|minisearch|fastest-levenshtein)' },
    },
    {
      name: 'contract-on-core-only',
      severity: 'error',
      from: { path: '^contract/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^(contract|core)/|node_modules/yup' },
    },
    { name: 'web-not-server', severity: 'error', from: { path: '^web/' }, to: { path: '^(server|demo)/' } },
    {
      name: 'server-not-web',
      severity: 'error',
      from: { path: '^server/', pathNot: '(\\.test|/testHouse|/box/tablets)\\.ts$' },
      to: { path: '^(web|demo)/' },
    },
    {
      name: 'areas-through-their-faces',
      comment: 'an area of core is reached through its index.ts or links.ts only; test cases are open to tests',
      severity: 'error',
      from: { path: '^(core|contract|server|web|demo|e2e|bench|scripts)/([^/]+)/', pathNot: '^core/' },
      to: { path: '^core/[^/]+/', pathNot: '^core/[^/]+/((index|links)\\.ts$|test[A-Z])|\\.csv$' },
    },
    {
      name: 'areas-of-core-through-their-faces',
      severity: 'error',
      from: { path: '^core/([^/]+)/' },
      to: { path: '^core/[^/]+/', pathNot: '^core/$1/|^core/[^/]+/((index|links)\\.ts$|test[A-Z])' },
    },
    {
      name: 'no-area-knows-the-catalogue',
      comment: 'the catalogue knows every area; an area that knew it would know them all',
      severity: 'error',
      from: { path: '^core/', pathNot: '^core/catalogue/|\\.test\\.ts$' },
      to: { path: '^core/catalogue/' },
    },
    {
      name: 'journal-is-mechanism-only',
      severity: 'error',
      from: { path: '^core/journal/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^core/(journal|roles)/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
    },
  },
};
