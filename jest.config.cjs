const transform = {
  '^.+\\.(tsx?|mjs|js)$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
        target: 'es2022',
      },
      module: { type: 'commonjs' },
    },
  ],
}
const base = {
  transform,
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^server-only$': '<rootDir>/e2e/testing/empty.ts' },
  transformIgnorePatterns: ['node_modules/(?!(d3-[a-z-]+|delaunator|internmap|nanoid|robust-predicates)/)'],
  testEnvironment: 'node',
  moduleFileExtensions: ['ts', 'tsx', 'js', 'mjs', 'cjs', 'json'],
}
module.exports = {
  projects: [
    { ...base, displayName: 'unit', testMatch: ['<rootDir>/src/**/*.test.ts?(x)'] },
    { ...base, displayName: 'e2e', testMatch: ['<rootDir>/e2e/*.test.ts'] },
    // What the office does for programs, phones and itself: real servers and a real database, hardly a browser.
    { ...base, displayName: 'office', testMatch: ['<rootDir>/e2e/office/*.test.ts'] },
  ],
}
