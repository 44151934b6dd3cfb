import { inWords } from '../testing/inWords'
import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { checkJob, deriveJob, scheduleAsRead } from '.'
import { holeNeed } from '../frame'
import { compassOf } from '../layout'
import { parseJob, readJobText } from '../files'
import { closeGesture, JOB_VERSION, merge3, newJob, pushEdit, redo, startHistory, undo } from '../model'
import { rodLog } from '../marks'
import { bagsFor, holeVolumes } from '../quantities'
import { barnJob } from '../testing/barn'
import { expectNear } from '../testing/near'
import { designOf, designSchema } from '../../formats/design'
import { scheduleCsv, toCsv } from '../../formats/csv'
import { crewBook, escapeXml } from '../../formats/crewbook'
import { issueText } from '../../formats/words'

const derive = (job = barnJob()) => {
  const result = deriveJob(job)
  if (!result.ok) throw new Error(result.issues[0].code)
  return inWords(result.value)
}

test.each(['quillback-hill', 'tansy-hollow', 'marl-road'])(
  'demo %s reads, contradicts nothing, and its design fits the published schema',
  (name) => {
    const job = readJobText(readFileSync(`demo/${name}.json`, 'utf8'))
    if (!job.ok) throw new Error(issueText(job.issues[0]))
    expect(checkJob(job.value)).toEqual([])
    expect(designSchema.safeParse(designOf(job.value, derive(job.value))).error).toBeUndefined()
  },
)
test('nothing that could not be checked passes: an unentered site leaves no check holding', () => {
  const derived = derive(newJob('x'))
  expect(derived.tally).toMatchObject({ holds: 0, close: 0, fails: 0 })
  expect(derived.tally.notChecked).toBeGreaterThan(3)
})
// Uplift of the end zone by 8.2, 2,097 lb, and under 8 ft of a 1 ft overhang 0.6·0.8·0.85·25.03·8 = 81.7 lb.
test('interior eave post of the reference barn: D + S = 4,809 lb, uplift of the end zone 2,179 lb', () => {
  const derived = derive()
  expectNear(derived.demands?.['south-line-5'].gravityLb ?? 0, 4809)
  expectNear(derived.demands?.['south-line-2'].upliftLb ?? 0, 2097 + 81.7, 1e-3)
  expectNear(derived.lateral?.cases['south-line-5'][0].plf ?? 0, 104, 1e-3)
})
test('a header hands its truss to the jambs: the eave still adds up', () => {
  const sum = (derived: ReturnType<typeof derive>) =>
    derived.posts
      .filter((post) => post.side === 'south')
      .reduce((sum, post) => sum + (derived.demands?.[post.id].deadLb ?? 0), 0)
  const door = {
    id: 'op-1',
    kind: 'slider' as const,
    name: '',
    side: 'south' as const,
    corner: 'SW' as const,
    positionIn: 360,
    widthIn: 120,
    heightIn: 108,
    sillIn: 0,
    weightLb: null,
  }
  expectNear(sum(derive(barnJob({ openings: [door] }))), sum(derive()), 1e-9)
})
test('more wind or snow never eases a check', () =>
  fc.assert(
    fc.property(fc.integer({ min: 90, max: 150 }), fc.integer({ min: 10, max: 60 }), (windMph, groundSnowPsf) => {
      const at = (w: number, s: number) =>
        derive(barnJob({ holeDiameterIn: 36, minimumDepthIn: 96 }, { windMph: w, groundSnowPsf: s })).checks
      const [a, more] = [at(windMph, groundSnowPsf), at(windMph + 10, groundSnowPsf + 10)]
      // A check that was not made, or that cannot stand, has no ratio: it stands above every other.
      const rank = ({ ratio }: { readonly ratio: number | null }) => ratio ?? Number.MAX_VALUE
      for (const check of a)
        expect(rank(more.find(({ id }) => id === check.id) ?? { ratio: 0 })).toBeGreaterThanOrEqual(rank(check) - 1e-9)
    }),
    { numRuns: 12 },
  ))
test.each([
  [1, 72],
  [12, 288],
  [4, 96],
])('no NaN and no infinity anywhere at %d:12 and a heel of %d in.', (pitchPer12, heelIn) => {
  for (const { id, ratio, demand, capacity } of derive(barnJob({ pitchPer12, heelIn })).checks)
    expect([id, [ratio ?? 0, demand, capacity].every(Number.isFinite)]).toEqual([id, true])
})

test('rod log: the smallest reading is the high point; moving the laser changes no mark', () => {
  const readingsIn = { A1: 53.75, A2: 53.25, A3: 52.9375, A8: 51.375 }
  const n = { A1: ['A2'], A2: ['A1', 'A3'], A3: ['A2'], A8: [] }
  const log = rodLog({ coverIn: 1.25, readingsIn }, { neighbors: n })
  expect(log).toMatchObject({ benchmarkPost: 'A8', gradeReadingIn: 50.125 })
  expect(log.offsets.A3.upToGradeIn).toBe(2.8125)
  fc.assert(
    fc.property(fc.integer({ min: -300, max: 600 }), (k) => {
      const moved = rodLog(
        {
          coverIn: 1.25,
          readingsIn: Object.fromEntries(Object.entries(readingsIn).map(([id, value]) => [id, value + k / 16])),
        },
        { neighbors: n },
      )
      for (const id of Object.keys(readingsIn))
        expectNear(moved.offsets[id].upToGradeIn, log.offsets[id].upToGradeIn, 1e-9)
    }),
  )
  expect(rodLog({ coverIn: 1, readingsIn: { A1: 53, A2: 66, A3: 53 } }, { neighbors: n }).suspects.A2.kind).toBe('off')
})
test('story pole: up and down add to the height on every post', () => {
  for (const [id, marks] of Object.entries(derive().poles)) {
    const top = marks[marks.length - 1].upIn
    for (const mark of marks) expectNear(mark.upIn + mark.downIn, top, 1e-9)
    expect(id).toBeTruthy()
  }
})
test('concrete of the reference hole: 24 in. × 5 ft, pad 8, collar 12', () => {
  const v = holeVolumes(barnJob({ school: 'collar', collarHeightIn: 12, padThicknessIn: 8 }).building, 24, 60)
  expectNear(v.holeFt3, 15.71)
  expectNear(v.padFt3, 2.094)
  expectNear(v.collarFt3, 2.97)
  expect(bagsFor(v.concreteFt3, 80)).toBe(10)
  expect(bagsFor(v.concreteFt3, 60)).toBe(13)
})
test.each([
  [0, 'South', 'North'],
  [90, 'East', 'West'],
  [-45, 'Southwest', 'Northeast'],
])('north at %d°: the south side faces %s', (deg, s, n) =>
  expect([compassOf(deg).south, compassOf(deg).north].sort()).toEqual([s, n].sort()),
)

describe('gravel under the pads (register C24: a quarter more is ordered loose)', () => {
  const at = (gravelIn: number) => {
    const result = deriveJob(barnJob({ gravelIn }))
    if (!result.ok) throw new Error('barn')
    return inWords(result.value)
  }
  const [none, some] = [at(0), at(6)]
  test('dug that much deeper, and nothing else of the hole changes', () => {
    some.holes.forEach((hole, i) => {
      const otherHole = none.holes[i]
      expect([hole.digIn, hole.depthIn, hole.embedIn, hole.bearing.capacityLb, hole.uplift.capacityLb]).toEqual([
        otherHole.digIn + 6,
        otherHole.depthIn,
        otherHole.embedIn,
        otherHole.bearing.capacityLb,
        otherHole.uplift.capacityLb,
      ])
    })
    expect(some.schedule.map((row) => row.holeIn)).toEqual(none.schedule.map((row) => row.holeIn + 6))
    expect(some.schedule.map((row) => row.totalIn)).toEqual(none.schedule.map((row) => row.totalIn))
    expect(some.takeoff.backfillFt3).toBeCloseTo(none.takeoff.backfillFt3, 9)
  })
  test('by hand: half a foot of each hole’s circle, a quarter more loose; the spoil grows by what is dug', () => {
    const net = some.holes.reduce(
      (sum, hole) => sum + (Math.PI / 4) * (hole.diameterIn / 12) ** 2 * 0.5 * hole.postIds.length,
      0,
    )
    expect(some.takeoff.gravelYd3).toBeCloseTo((net * 1.25) / 27, 9)
    expect(some.takeoff.augerFt3 - none.takeoff.augerFt3).toBeCloseTo(net, 9)
    expect(some.takeoff.spoilFt3 - none.takeoff.spoilFt3).toBeCloseTo(net * 1.25, 9)
    expect(none.takeoff.gravelYd3).toBe(0)
  })
  test('a hole log asks for each depth with the gravel under it', () => {
    const [a, b] = [none, some].map((derived, i) => holeNeed(derived, barnJob({ gravelIn: i * 6 }), 'south-line-4'))
    for (const k of ['depthIn', 'frostIn', 'lateralIn'] as const)
      expect((b?.[k] ?? 0) - (a?.[k] ?? 0)).toBe((a?.[k] ?? 0) > 0 ? 6 : 0)
  })
})

describe('files', () => {
  test.each([
    ['', 'not-json'],
    ['[]', 'wrong-format'],
    ['{"format":"x"}', 'wrong-format'],
    [`{"format":"burdock-job","version":${JOB_VERSION + 1}}`, 'newer-version'],
    [`"${'x'.repeat(4_100_000)}"`, 'file-too-large'],
  ])('refused %#', (t, code) => {
    const result = readJobText(t)
    expect(result.ok ? 'ok' : result.issues[0].code).toBe(code)
  })
  test('a wrong field is named', () => {
    const result = parseJob({ ...newJob('x'), building: { ...newJob('x').building, widthIn: 'wide', extra: 1 } })
    expect(result.ok ? [] : result.issues.map((issue) => issue.path.join('.')).sort()).toEqual([
      'building.extra',
      'building.widthIn',
    ])
  })
  test('CSV never carries a formula', () => {
    expect(toCsv([{ a: '=1+1', b: '+2' }])).toContain(`'=1+1`)
    expect(scheduleCsv('=cmd', scheduleAsRead(barnJob(), derive(), { asBuilt: [] }))).not.toMatch(/(^|,)=/m)
  })
  test('hostile names stay text in drawings', () => {
    expect(escapeXml(`<a b="c">&'`)).toBe('&lt;a b=&quot;c&quot;&gt;&amp;&#39;')
    const derived = derive()
    expect(
      JSON.stringify(
        crewBook({ ...barnJob(), name: '<x>' }, derived, { date: 'd', revision: 'r' }).sheets.flatMap(
          (sheet) => sheet.blocks,
        ),
      ),
    ).not.toContain('<x>')
  })
})
describe('undo and merge', () => {
  test('edits of one gesture are one undo; redo brings it back', () => {
    let history = startHistory(1)
    history = pushEdit(history, 2, 'drag', 'k')
    history = pushEdit(history, 3, 'drag', 'k')
    history = closeGesture(history)
    history = pushEdit(history, 4, 'drag', 'k')
    expect([undo(history).present, undo(undo(history)).present, redo(undo(undo(history))).present]).toEqual([3, 1, 3])
  })
  test('merge takes both sides, reports what both changed, and joins lists by id', () => {
    const base = { a: 1, b: 1, list: [{ id: 'x', v: 1 }] }
    const r = merge3(
      base,
      {
        a: 2,
        b: 5,
        list: [
          { id: 'x', v: 1 },
          { id: 'y', v: 2 },
        ],
      },
      { a: 1, b: 7, list: [{ id: 'x', v: 9 }] },
    )
    expect(r.merged).toEqual({
      a: 2,
      b: 5,
      list: [
        { id: 'x', v: 9 },
        { id: 'y', v: 2 },
      ],
    })
    expect(r.conflicts.map((conflict) => conflict.path.join('.'))).toEqual(['b'])
  })
})
