import { createHash } from 'node:crypto'
import { hashesOf } from './headers'
import { kindOf } from './metrics'
import { plainPage } from './plainPage'

const hash = (code: string) => `'sha256-${createHash('sha256').update(code).digest('base64')}'`

test('the scripts that stand in a page are known by their hashes, fetched ones are not among them', () =>
  expect(
    hashesOf('<script src="/a.js" async=""></script><script>one()</script><p>x</p><script id="_R_">two(\n)</script>'),
  ).toEqual([hash('one()'), hash('two(\n)')]))
test('a page without scripts has none', () => expect(hashesOf(plainPage('A', 'B'))).toEqual([]))

test.each([
  ['/', '/'],
  ['/api/jobs', '/api/jobs'],
  ['/api/jobs/JP9SshKK5Ys-/records?after=3', '/api/jobs/:id/records'],
  ['/jobs/xbG-adp3c7jA?stage=site', '/jobs/:id'],
  ['/_next/static/chunks/a.js', 'build'],
  ['/a/b/c/d/e/f/g', '/a/:id/:id/:id/:id'],
])('an address is counted by its kind: %s', (url, kind) => expect(kindOf(url)).toBe(kind))
