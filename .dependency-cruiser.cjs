/** One way for imports to run: app -> ui, server -> core; core -> nothing but named pure libraries. */
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'core holds the computation and knows nothing of screens, servers or files',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.(data\\.)?ts$' },
      to: { path: '^(app|ui|handout|server|workers|db|scripts|e2e)/' },
    },
    {
      name: 'core-libraries',
      comment: 'the pure libraries the core may use',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.(data\\.)?ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'npm-peer', 'npm-no-pkg', 'core'],
        pathNot:
          'node_modules/(astronomy-engine|@date-fns/tz|fflate|ical-generator|ical\\.js|papaparse|ts-fsrs|zod)/',
      },
    },
    {
      name: 'handout-draws-and-writes',
      comment:
        'what is handed out is made of the core and of what draws and words it; it asks no server and shows no screen',
      severity: 'error',
      from: { path: '^handout/' },
      to: { path: '^(app|server|workers|db|scripts|e2e)/' },
    },
    {
      name: 'ui-not-handout',
      comment: 'pages ask for what is handed out; they do not carry it',
      severity: 'error',
      from: { path: '^ui/' },
      to: { path: '^handout/' },
    },
    {
      name: 'ui-not-server',
      comment: 'ui reaches the server only through HTTP or props',
      severity: 'error',
      from: { path: '^ui/' },
      to: { path: '^(app|server|db)/' },
    },
    {
      name: 'server-not-ui',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^(app|ui|handout|workers)/' },
    },
    {
      name: 'workers-only-core-and-words',
      severity: 'error',
      // What they find may be put into words there, so that no page carries the sentences.
      from: { path: '^workers/' },
      to: { path: '^(app|ui|server|db)/', pathNot: '^ui/(words|figure)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
      mainFields: ['module', 'main', 'types'],
    },
  },
};
