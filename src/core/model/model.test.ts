import fc from 'fast-check'
import { migrate, parseJob, readJobText } from '../files'
import {
  closeGesture,
  diffPaths,
  JOB_VERSION,
  NAIL_IDS,
  merge3,
  newJob,
  pushEdit,
  redo,
  startHistory,
  undo,
  type History,
} from '.'
import { NAILS } from '../joints'
import { demo } from '../testing/demos'

type Path = readonly (string | number)[]
const clone = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
/** Every leaf of a document with its path. */
function leaves(v: unknown, path: Path = []): { path: Path; value: unknown }[] {
  if (typeof v !== 'object' || v === null) return [{ path, value: v }]
  return Object.entries(v).flatMap(([key, value]) => leaves(value, [...path, Array.isArray(v) ? Number(key) : key]))
}

/** The document with one leaf put otherwise; `undefined` takes it out. */
function put(doc: unknown, path: Path, value: unknown): unknown {
  const out = clone(doc)
  const parent = path
    .slice(0, -1)
    .reduce<Record<string | number, unknown>>(
      (at, each) => at[each] as Record<string | number, unknown>,
      out as Record<string | number, unknown>,
    )
  if (value === undefined) delete parent[path[path.length - 1]]
  else parent[path[path.length - 1]] = value
  return out
}
const said = (value: unknown): string[] => {
  const result = parseJob(value)
  return result.ok ? [] : result.issues.map((issue) => issue.path.join('.'))
}
const jobs = ['quillback', 'tansy', 'marl'] as const

describe.each(jobs)('bad values in every field of %s', (name) => {
  const { job } = demo(name)
  const all = leaves(job)
  const numbers = all.filter((l) => typeof l.value === 'number' && l.path[0] !== 'version')
  const free = new Set([
    'name',
    'note',
    'why',
    'decided',
    'lumber',
    'lumbers',
    'id',
    'crayons',
    'hookPost',
    'format',
    'sizes',
    'formerNames',
    'keptName',
    'reason',
    'line',
  ])
  // Text that a person may write as they like; lumber may name a grade of one's own.
  const choices = all.filter((l) => typeof l.value === 'string' && !l.path.some((p) => free.has(String(p))))
  test('there is much to spoil', () => {
    expect(numbers.length).toBeGreaterThan(60)
    expect(choices.length).toBeGreaterThan(30)
  })
  test.each([
    ['letters', 'twelve'],
    ['far too large', 1e12],
    ['far below nothing', -1e12],
    ['nothing where a number stands', [] as unknown],
    ['yes', true],
  ])('%s: refused at that very field, whichever it is', (_, bad) => {
    for (const l of numbers)
      expect(
        said(put(job, l.path, bad)).some((text) => text === l.path.join('.') || l.path.join('.').startsWith(text)),
      ).toBe(true)
  })
  test.each([
    ['a word nobody knows', 'zzz'],
    ['markup', '<script>'],
    ['a number', 7],
  ])('a choice that is %s is refused', (_, bad) => {
    for (const choice of choices) expect(said(put(job, choice.path, bad)).length).toBeGreaterThan(0)
  })
  test('a field too many is named; a field too few is named', () => {
    for (const at of [
      [],
      ['site'],
      ['building'],
      ['building', 'roof'],
      ['strings'],
      ['levels'],
      ['sizing'],
      ['fieldwork'],
      ['ground'],
    ])
      expect(said(put(job, [...at, 'color'], 'red'))).toContain([...at, 'color'].join('.'))
    for (const at of [
      ['site', 'windMph'],
      ['building', 'pitchPer12'],
      ['building', 'post', 'section'],
      ['strings', 'runPastIn'],
      ['sizing', 'locked'],
      ['fieldwork', 'concrete', 'bagLb'],
    ])
      expect(said(put(job, at, undefined)).join(' ')).toContain(at.join('.'))
  })
  test('what is written reads back the same, however often', () => {
    const result = parseJob(clone(job))
    expect(result).toEqual({ ok: true, value: job })
    if (result.ok) expect(parseJob(clone(result.value))).toEqual(result)
  })
})

test('the nails that a file may name are those that have sizes', () => {
  expect(NAILS.map((nail) => nail.id).sort()).toEqual([...NAIL_IDS].sort())
})

describe('files', () => {
  const good = JSON.stringify(newJob('x'))
  test.each<[string, string, string]>([
    ['empty', '', 'not-json'],
    ['cut off', good.slice(0, good.length / 2), 'not-json'],
    ['a list', '[]', 'wrong-format'],
    ['a number', '7', 'wrong-format'],
    ['another format', '{"format":"other","version":1}', 'wrong-format'],
    ['no format', '{}', 'wrong-format'],
    ['a newer version', good.replace(`"version":${JOB_VERSION}`, '"version":99'), 'newer-version'],
    ['twenty megabytes', `{"format":"burdock-job","note":"${'x'.repeat(20_000_000)}"}`, 'file-too-large'],
    ['a version in words', good.replace(`"version":${JOB_VERSION}`, '"version":"three"'), 'not-a-choice'],
  ])('%s is refused as %s', (_, text, code) => {
    const result = readJobText(text)
    expect(result.ok ? '' : result.issues[0].code).toBe(code)
  })
  test('a name of markup stays a name', () => {
    const result = readJobText(JSON.stringify(newJob('<img src=x onerror=alert(1)>')))
    expect(result.ok && result.value.name).toBe('<img src=x onerror=alert(1)>')
  })
  // Up to version 9 one rating stood for the ties of rafters and of trusses on carriers.
  test.each([
    ['carriers', 900],
    ['posts', null],
  ])('trusses on %s take over a tie rated %s', (set, trussTieLb) => {
    const nine = clone(newJob('nine')) as unknown as { version: number; building: Record<string, never> }
    const { trussTieLb: _none, ...joints } = nine.building.joints as unknown as Record<string, unknown>
    const roof = nine.building.roof as unknown as { truss: object }
    const building = {
      ...nine.building,
      joints: { ...joints, rafterTieLb: 900 },
      roof: { ...roof, truss: { ...roof.truss, set } },
    }
    const up = parseJob({ ...nine, version: 9, building })
    expect(up.ok && [up.value.building.joints.trussTieLb, up.value.building.joints.rafterTieLb]).toEqual([
      trussTieLb,
      900,
    ])
  })
  test('an older file gains what it lacks, step by step, and keeps what it has', () => {
    const { fieldwork: _fieldwork, ground: _ground, ...two } = clone(newJob('old'))
    const up = migrate({ ...two, version: 2 })
    const fresh = newJob('old')
    const posts = (up.building as { posts: unknown[] }).posts
    expect(posts.length).toBeGreaterThan(10)
    expect(up).toEqual({ ...fresh, building: { ...fresh.building, posts } })
    const { sizing: _sizing, ...one } = two
    const b = clone(one.building) as Record<string, unknown>
    for (const k of ['roof', 'skin', 'bracing', 'joints', 'leanTos']) delete b[k]
    const result = parseJob({ ...one, version: 1, building: { ...b, heelIn: 171, leanTo: null } })
    expect(result.ok && [result.value.version, result.value.building.heelIn, result.value.building.leanTos]).toEqual([
      JOB_VERSION,
      171,
      [],
    ])
  })
  test(
    'version 3 gains gravel, bridged posts, a limit of sway, strings that fall, additions and the office’s ' +
      'benchmark',
    () => {
      const now = clone(newJob('old')) as unknown as Record<string, Record<string, unknown>>
      const three = {
        ...now,
        version: 3,
        levels: { coverIn: 2, readingsIn: { A1: 50 } },
        fieldwork: { ...now.fieldwork, strings: undefined },
        ground: { spots: [], padIn: 3, obstructions: [], oldWall: [] },
        building: {
          ...now.building,
          gravelIn: undefined,
          bridged: undefined,
          bracing: { ...(now.building.bracing as object), swayOver: undefined },
        },
      }
      const up = parseJob(JSON.parse(JSON.stringify(three)))
      expect(
        up.ok && [
          up.value.version,
          up.value.building.gravelIn,
          up.value.building.bridged,
          up.value.building.bracing.swayOver,
          up.value.fieldwork.strings,
          up.value.ground.addition.kind,
          up.value.ground.padIn,
          up.value.levels.benchmarkIn,
          Object.values(up.value.levels.readingsIn),
        ],
      ).toEqual([JOB_VERSION, 0, [], null, newJob('x').fieldwork.strings, 'lean-to', 3, null, [50]])
    },
  )
  test('version 11 is printed on letter paper, and has no lot', () => {
    const { plot: _plot, ...eleven } = clone(newJob('old'))
    const { paper: _paper, ...fieldwork } = eleven.fieldwork
    const up = parseJob({ ...eleven, version: 11, fieldwork })
    expect(up.ok && [up.value.version, up.value.fieldwork.paper, up.value.plot]).toEqual([
      JOB_VERSION,
      'letter',
      { corners: [], things: [] },
    ])
  })
  test('version 4 gains a preferred bay that asks for nothing', () => {
    const four = clone(newJob('old')) as unknown as Record<string, Record<string, unknown>>
    const up = parseJob(
      JSON.parse(
        JSON.stringify({ ...four, version: 4, sizing: { ...four.sizing, preferBayIn: undefined, bayMinIn: 70 } }),
      ),
    )
    expect(up.ok && [up.value.version, up.value.sizing.preferBayIn, up.value.sizing.bayMinIn]).toEqual([
      JOB_VERSION,
      null,
      70,
    ])
  })
  test('an older file that is wrong is still refused where it is wrong', () => {
    expect(said({ ...clone(newJob('x')), version: 2, site: 'none' }).join(' ')).toContain('site')
  })
})

describe('two people on one job', () => {
  const base = {
    a: 1,
    b: { c: 2, d: 3 },
    list: [
      { id: 'x', v: 1 },
      { id: 'y', v: 2 },
    ],
    plain: [1, 2],
  }
  test.each<[string, object, object, unknown, number]>([
    ['one changes', { ...base, a: 5 }, base, { ...base, a: 5 }, 0],
    ['the other changes', base, { ...base, a: 6 }, { ...base, a: 6 }, 0],
    [
      'both, different fields',
      { ...base, a: 5 },
      { ...base, b: { c: 9, d: 3 } },
      { ...base, a: 5, b: { c: 9, d: 3 } },
      0,
    ],
    ['both the same', { ...base, a: 5 }, { ...base, a: 5 }, { ...base, a: 5 }, 0],
    ['both, otherwise', { ...base, a: 5 }, { ...base, a: 6 }, { ...base, a: 5 }, 1],
    [
      'deep in one part',
      { ...base, b: { c: 7, d: 3 } },
      { ...base, b: { c: 2, d: 8 } },
      { ...base, b: { c: 7, d: 8 } },
      0,
    ],
    [
      'two members of a list',
      {
        ...base,
        list: [
          { id: 'x', v: 9 },
          { id: 'y', v: 2 },
        ],
      },
      {
        ...base,
        list: [
          { id: 'x', v: 1 },
          { id: 'y', v: 8 },
        ],
      },
      {
        ...base,
        list: [
          { id: 'x', v: 9 },
          { id: 'y', v: 8 },
        ],
      },
      0,
    ],
    [
      'one adds, one removes',
      { ...base, list: [...base.list, { id: 'z', v: 3 }] },
      { ...base, list: [{ id: 'x', v: 1 }] },
      {
        ...base,
        list: [
          { id: 'x', v: 1 },
          { id: 'z', v: 3 },
        ],
      },
      0,
    ],
    ['plain lists are one value', { ...base, plain: [1] }, { ...base, plain: [2] }, { ...base, plain: [1] }, 1],
  ])('%s', (_, mine, theirs, want, conflicts) => {
    const r = merge3<unknown>(base, mine, theirs)
    expect(r.merged).toEqual(want)
    expect(r.conflicts).toHaveLength(conflicts)
  })
  const rows = (...ids: string[]) => ({ list: ids.map((id) => ({ id })) })
  test.each([
    ['mine alone reordered', rows('a', 'b', 'c'), rows('c', 'a', 'b'), rows('a', 'b', 'c'), 'c a b', 0],
    ['theirs alone reordered', rows('a', 'b', 'c'), rows('a', 'b', 'c', 'd'), rows('b', 'a', 'c'), 'b a c d', 0],
    ['mine reordered, theirs added one', rows('a', 'b'), rows('b', 'a'), rows('a', 'x', 'b'), 'b a x', 0],
    ['both reordered alike', rows('a', 'b', 'c'), rows('c', 'b', 'a'), rows('c', 'b', 'a'), 'c b a', 0],
    ['both reordered, each in its way', rows('a', 'b', 'c'), rows('b', 'a', 'c'), rows('c', 'a', 'b'), 'b a c', 1],
    ['reordered and one taken away', rows('a', 'b', 'c'), rows('c', 'b'), rows('a', 'b', 'c'), 'c b', 0],
  ])('%s: no order is lost silently', (_, base, mine, theirs, want, conflicts) => {
    const { merged, conflicts: found } = merge3(base, mine, theirs)
    expect(merged.list.map((row) => row.id).join(' ')).toBe(want)
    expect(found.map((conflict) => conflict.path.join('.'))).toEqual(Array(conflicts).fill('list.order'))
  })
  test('merging with what did not change gives mine, whatever it is (property)', () => {
    const doc = fc.record({
      a: fc.integer(),
      b: fc.record({ c: fc.integer(), d: fc.string() }),
      list: fc.uniqueArray(fc.record({ id: fc.constantFrom('x', 'y', 'z'), v: fc.integer() }), {
        selector: (e) => e.id,
        minLength: 1,
      }),
    })
    fc.assert(
      fc.property(doc, doc, (b, m) => {
        expect(merge3<unknown>(b, m, b)).toEqual({ merged: m, conflicts: [] })
        expect(merge3<unknown>(b, b, m)).toEqual({ merged: m, conflicts: [] })
      }),
    )
  })
  test.each<[unknown, unknown, string[]]>([
    [{ a: 1 }, { a: 1 }, []],
    [{ a: 1 }, { a: 2 }, ['a']],
    [{ b: { c: 1 } }, { b: { c: 2, d: 1 } }, ['b.c', 'b.d']],
    [{ l: [{ id: 'x', v: 1 }] }, { l: [{ id: 'x', v: 2 }] }, ['l.x.v']],
    [{ l: [{ id: 'x' }, { id: 'y' }] }, { l: [{ id: 'y' }, { id: 'x' }] }, ['l.order']],
    [{ l: [{ id: 'x' }, { id: 'y' }] }, { l: [{ id: 'z' }, { id: 'x' }, { id: 'y' }] }, ['l.z']],
  ])('%j to %j differs at %j', (a, b, paths) => {
    expect(diffPaths(a, b).map((path) => path.path)).toEqual(paths)
  })
})

test('undo and redo are each other’s mirror over any run of edits (property)', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({ doc: fc.integer(), key: fc.option(fc.constantFrom('p', 'q'), { nil: null }), close: fc.boolean() }),
        { maxLength: 30 },
      ),
      (edits) => {
        let history: History<number> = startHistory(-1)
        for (const edit of edits) {
          history = pushEdit(history, edit.doc, 'edit', edit.key)
          if (edit.close) history = closeGesture(history)
        }
        const end = history.present
        const steps = history.past.length
        for (let i = 0; i < steps; i++) history = undo(history)
        expect([history.present, history.past.length]).toEqual([-1, 0])
        expect(undo(history)).toBe(history)
        for (let i = 0; i < steps; i++) history = redo(history)
        expect([history.present, history.past.length, history.future.length]).toEqual([end, steps, 0])
      },
    ),
  )
})
