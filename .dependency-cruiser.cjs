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
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
    },
  },
};
