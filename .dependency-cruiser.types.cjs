/** Type-only imports count here: two files that need each other's types have one subject and one place too many. */
const { options } = require('./.dependency-cruiser.cjs');

module.exports = {
  forbidden: [{ name: 'no-type-cycles', severity: 'error', from: {}, to: { circular: true } }],
  options: { ...options, tsPreCompilationDeps: true },
};
