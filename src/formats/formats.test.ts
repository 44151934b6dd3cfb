import { idNamed } from '@/core/testing/named'
import { inWords } from '@/core/testing/inWords'
import { readFileSync } from 'node:fs'
import { deriveJob } from '@/core/derive'
import { foldBare, measure, tieLevels } from '@/core/field'
import { migrate, parseJob, readJobText } from '@/core/files'
import { newJob } from '@/core/model'
import { rodLog, type RodLog } from '@/core/marks'
import { barnJob } from '@/core/testing/barn'
import { formatLength } from '@/core/units'
import { calcSheet } from './calcsheet'
import { crewBook } from './crewbook'
import { pricesFromCsv, pricesToCsv } from './csv'
import { plain, unbroken } from './plain'

const book = (name: string) => {
  const job = readJobText(readFileSync(`demo/${name}.json`, 'utf8'))
  if (!job.ok) throw new Error(name)
  const result = deriveJob(job.value)
  if (!result.ok) throw new Error(name)
  return { job: job.value, d: inWords(result.value) }
}

describe('calculation sheet', () => {
  const { job, d: derived } = book('quillback-hill')
  const sheet = calcSheet(job, derived, { date: 'today', revision: 'revision 1' })
  const text = JSON.stringify(sheet)
  test('names its code editions and leaves the seal to an engineer', () => {
    expect(sheet.note).toMatch(/ASCE 7-16, IBC 2021 and NDS 2018/)
    expect(text).toMatch(/Engineer of record: seal/)
  })
  test('has every check, and every one that was not checked by name', () => {
    for (const check of derived.checks) expect(text).toContain(plain(check.title).slice(0, 24))
    expect(text).toMatch(/Not checked: The trusses themselves/)
  })
  test('has the arithmetic with clauses and marks recalled values', () => {
    expect(text).toMatch(/ASCE 7-16 26\.10-1/)
    expect(text).toMatch(/verify C0\d/)
  })
  test.each(['quillback-hill', 'tansy-hollow', 'marl-road'])(
    'uses only what the paper face has: %s, with its crew book',
    (name) => {
      const b = book(name)
      const paper = JSON.stringify([
        calcSheet(b.job, b.d, { date: '', revision: '' }),
        crewBook(b.job, b.d, { date: '', revision: '' }),
      ])
      expect([...new Set(paper)].filter((text) => !/[ -~\u00a0×²³°’‘“”−·–½¼¾]/.test(text))).toEqual([])
    },
  )
})

test.each(['quillback-hill', 'tansy-hollow', 'marl-road'])(
  'the crew book of %s has its roof, joints and quantities',
  (name) => {
    const { job, d: derived } = book(name)
    const titles = crewBook(job, derived, { date: 'd', revision: 'r' }).sheets.map((sheet) => sheet.title)
    for (const t of [
      'Strings',
      'Post schedule',
      'Roof',
      'Joints',
      'Truss order',
      'Pieces to cut',
      'Lumber to order',
      'Hardware to order',
    ])
      expect(titles.join('|')).toContain(t)
  },
)

describe('price list as CSV', () => {
  test('out and in again changes nothing', () =>
    expect(pricesFromCsv(pricesToCsv({ '2x6 SP-No.2': 1.11 }))).toEqual({
      prices: { '2x6 SP-No.2': 1.11 },
      problems: [],
    }))
  test.each([
    ['no columns', 'a,b\n1,2', /needs the columns/],
    ['an unknown item', 'item,price\nunobtainium,4', /Row 2: “unobtainium” is not on the list/],
    ['text for a price', 'item,price\n2x6 SP-No.2,dear', /Row 2: “dear” is not a price/],
    ['an empty price', 'item,price\n2x6 SP-No.2,', /is not a price/],
    ['a negative price', 'item,price\n2x6 SP-No.2,-4', /out of range/],
    ['a formula', 'item,price\n=cmd(),4', /is not on the list/],
  ])('%s is refused by row', (_n, text, why) => {
    const pricesRead = pricesFromCsv(text)
    expect(pricesRead.prices).toEqual({})
    expect(pricesRead.problems.join(' ')).toMatch(why)
  })
  test('good rows are taken beside bad ones', () =>
    expect(pricesFromCsv('item,price\n2x6 SP-No.2,$1.50\nx,1').prices).toEqual({ '2x6 SP-No.2': 1.5 }))
})

describe('job files of older versions', () => {
  const version1 = () => {
    const job = newJob('Quillback Hill honey house')
    const {
      edition: _edition,
      kzt: _kzt,
      enclosure: _enclosure,
      doorsRated: _doorsRated,
      dead: _dead,
      highSeismic: _highSeismic,
      groundSlopePer12: _groundSlopePer12,
      ...site
    } = job.site
    const {
      roof: _roof,
      skin: _skin,
      bracing: _bracing,
      joints: _joints,
      leanTos: _leanTos,
      base: _base,
      knee: _knee,
      cleat: _cleat,
      grades: _grades,
      openSides: _openSides,
      postSag: _postSag,
      wallFinish: _wallFinish,
      edgeShortcut: _edgeShortcut,
      ...building
    } = job.building
    return {
      ...job,
      version: 1,
      sizing: undefined,
      site: { ...site, deadMaxPsf: 7 },
      building: {
        ...building,
        post: { section: '3-2x8', lumber: 'SP-No.1' },
        girts: { style: 'flat', size: '2x6', lumber: 'SP-No.2', maxGapIn: 20, run: 'two-bays', meetOpenings: true },
        leanTo: { side: 'north', depthIn: 120, pitchPer12: 2, dropIn: 12 },
      },
    }
  }
  test('version 1 opens: its lean-to, dead load and posts are kept', () => {
    const { sizing: _sizing, ...raw } = version1()
    const result = parseJob(raw)
    if (!result.ok) throw new Error(JSON.stringify(result.issues))
    expect(result.value.building.leanTos).toMatchObject([{ side: 'north', depthIn: 120 }])
    expect(result.value.site.dead).toEqual({ by: 'total', psf: 7 })
    expect(result.value.building.post).toMatchObject({ section: '3-2x8', ep559: false })
    expect(deriveJob(result.value).ok).toBe(true)
  })
  test('a wrong value in an old file is still refused by name', () => {
    const raw = { ...version1(), building: { ...version1().building, widthIn: 'wide' } }
    const result = parseJob(raw)
    expect(result.ok ? [] : result.issues.map((issue) => issue.path.join('.'))).toContain('building.widthIn')
  })
  test('the newest version is left as it is', () => {
    const job = barnJob()
    expect(migrate(job as unknown as Record<string, unknown>)).toBe(job)
  })
  test('a version nobody wrote is not guessed at', () => expect(parseJob({ ...barnJob(), version: 0 }).ok).toBe(false))
})

describe('rod marks in the crew book', () => {
  const { job, d: derived } = book('../scripts/bench/barn-60x200')
  const all = rodLog(
    { coverIn: 1, readingsIn: Object.fromEntries(derived.posts.map((post, i) => [post.id, 50 + i / 16])) },
    { neighbors: Object.fromEntries(derived.posts.map((post) => [post.id, []])) },
  )
  const state = foldBare([])
  const measured = measure(job, derived, state, tieLevels(state))
  const rows = (rods: RodLog) =>
    crewBook(job, derived, { date: '', revision: '', measured: { ...measured, rods } }).sheets.flatMap((sheet) =>
      sheet.blocks.flatMap((block) =>
        block.kind === 'table' && block.head.includes('rod reads')
          ? block.rows.map((row) => [sheet.title, ...row])
          : [],
      ),
    )
  test('every post that was read stands in it once, under its own kind; what a card has no room for has its own sheet', () => {
    const got = rows(all)
    expect(got.map((r) => r[1]).sort()).toEqual(derived.posts.map((post) => post.name).sort())
    for (const [title, name, reads, up] of got) {
      const id = idNamed(derived.posts, name)
      const post = derived.posts.find((post) => post.id === id)
      expect(title.toLowerCase()).toContain(post?.kind ?? 'none')
      expect([reads, up]).toEqual([
        formatLength(all.offsets[id].readingIn, { feet: false, ascii: true }),
        formatLength(all.offsets[id].upToGradeIn, { feet: false, ascii: true }),
      ])
    }
    expect(got.filter((r) => /^Eave posts.*: grade marks$/.test(r[0])).length).toBeGreaterThan(10)
  })
  test('without a reading there is no such table', () => expect(rows({ ...all, offsets: {} })).toEqual([]))
})

test.each([
  [barnJob(), false],
  [barnJob({}, { soil: null }), true],
])('the foot of every sheet says first when nothing is sized', (job, unsized) => {
  const result = deriveJob(job)
  if (!result.ok) throw new Error('contradiction')
  for (const b of [
    crewBook(job, inWords(result.value), { date: '', revision: '' }),
    calcSheet(job, result.value, { date: '', revision: '' }),
  ]) {
    expect(b.note.startsWith('NOT SIZED')).toBe(unsized)
    expect(b.note).toMatch(/licensed engineer decide/)
  }
})

test.each([
  [`0' 3 1/2"   1' 0 1/16" and on`, `0'~3~1/2"   1'~0~1/16" and on`],
  ['19 3/4" of 20', '19~3/4" of 20'],
  ['162 lb wet, 2 of them', '162~lb wet, 2 of them'],
])('%s: no number is broken across lines', (text, whole) => {
  expect(unbroken(text).replaceAll('\u00a0', '~')).toBe(whole)
})
