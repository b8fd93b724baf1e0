// No circle of folders: what an area needs, types included, never needs that area. Tests and what only they use stand outside.
module.exports = {
  forbidden: [
    {
      name: 'no-circle-of-folders',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(core|contract|server|web)' },
      to: { circular: true },
    },
  ],
  options: {
    ...require('./.dependency-cruiser.cjs').options,
    metrics: true,
    exclude: { path: '\\.test\\.tsx?$|/test[A-Z][^/]*\\.tsx?$' },
  },
};
