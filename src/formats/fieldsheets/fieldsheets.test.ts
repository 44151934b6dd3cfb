import jsQR from 'jsqr'
import type { FieldRecord } from '@/core/field'
import { demo } from '@/core/testing/demos'
import { boundTo, idNamed } from '@/core/testing/named'
import { record, said, setUp } from '@/core/testing/records'
import { planDxf } from '../dxf'
import { mark } from '../crewbook/paper'
import { textsOf } from '../testing/texts'
import { holesToCsv, readingsFromCsv, readingsToCsv, spotsFromCsv } from '../csv'
import {
  cardSheets,
  fieldSheets,
  opensHereOnly,
  OVERLAP_IN,
  plannedBuildSheets,
  poleStrips,
  printedCards,
  qrSvg,
  STRIP_IN,
  STRIPS_A_PAGE,
} from '.'
import { measure, writePlaceIn } from '@/core/field'

const sheetsOf = (name: 'quillback' | 'tansy' | 'marl', records: readonly FieldRecord[] = []) => {
  const { job, d: derived } = demo(name)
  const { state, levels } = said(boundTo(derived.posts, records))
  return {
    job,
    d: derived,
    state,
    levels,
    book: fieldSheets({
      job,
      derived,
      state,
      levels,
      date: 'today',
      revision: 'revision 1',
      page: 'http://127.0.0.1:3000/field/j1',
    }),
  }
}
const svgs = (book: ReturnType<typeof sheetsOf>['book']) =>
  book.sheets.flatMap((sheet) => sheet.blocks.flatMap((block) => (block.kind === 'svg' ? [block.svg] : []))).join('')

/** Draws the strokes of a code into pixels and reads them as a camera would. */
function readCode(svg: string): string | undefined {
  const size = 180
  const scale = 3
  const data = new Uint8ClampedArray(size * scale * size * scale * 4).fill(255)
  const [dx, dy, s] = /translate\(([\d.]+) ([\d.]+)\) scale\(([\d.]+)\)/.exec(svg)?.slice(1).map(Number) ?? [0, 0, 1]
  for (const match of svg.matchAll(/M(\d+) (\d+)h(\d+)/g)) {
    const [x, middle, wide] = [dx + Number(match[1]) * s, dy + Number(match[2]) * s, Number(match[3]) * s]
    const y = middle - s / 2
    for (let r = Math.round(y * scale); r < Math.round((y + s) * scale); r++)
      for (let c = Math.round(x * scale); c < Math.round((x + wide) * scale); c++) {
        const i = (r * size * scale + c) * 4
        data[i] = data[i + 1] = data[i + 2] = 0
      }
  }
  return jsQR(data, size * scale, size * scale)?.data
}

describe('cards', () => {
  test.each(['http://127.0.0.1:3000/field/j1/post/A1', 'https://yard.example/field/0123456789abcdef/post/J12'])(
    'the code of %s reads back as itself',
    (url) => {
      expect(readCode(qrSvg(url, 0, 0, 180))).toBe(url)
    },
  )
  test.each(['quillback', 'tansy', 'marl'] as const)(
    '%s: every post has its card, four to a sheet, and its page',
    (name) => {
      const { d: derived, book } = sheetsOf(name)
      const cards = book.sheets.filter((sheet) => sheet.title.startsWith('Card'))
      expect(cards).toHaveLength(Math.ceil(derived.posts.length / 4))
      for (const post of derived.posts) expect(svgs(book)).toContain(`>${post.name}</text>`)
    },
  )
  test(
    'a card has its reading, the way to the grade line, its crayons and every mark from its own foot; a stick that ' +
      'no longer fits says so',
    () => {
      const { job, d: derived } = demo('tansy')
      const id = derived.posts[0].id
      const records = [
        ...setUp('s1', 0, 48, Object.fromEntries(derived.posts.map((post, i) => [post.id, 53 + (i % 3) / 8]))),
        record(200, { kind: 'cut', post: id, lengthIn: 100 }),
        record(201, { kind: 'state', post: id, state: 'cut' }),
      ]
      const { book } = sheetsOf('tansy', records)
      const text = svgs(book)
      for (const part of [
        'rod reads 53&quot;',
        'rod at set-up 1',
        'up 1 1/4&quot; to grade',
        'laser line above the grade line',
        `, ${job.fieldwork.crayons.girt}<`,
        'short, see its page',
      ])
        expect(text).toContain(part)
    },
  )
  test('a card whose reading is doubted says that it is to be read again, not that nobody has read it', () => {
    const { d: derived } = demo('tansy')
    const readings = Object.fromEntries(derived.posts.map(({ id }, i) => [id, i === 4 ? 57 : 52]))
    const text = svgs(sheetsOf('tansy', setUp('s1', 0, 48, readings)).book)
    expect(text.match(/rod to read again/g)).toHaveLength(1)
    expect(text).toContain('foot as planned, to read again')
    expect(text).not.toContain('not read')
  })
  // A solid 6×6 has no plies for a pocket: 1 1/2 in. are taken out beside the truss. The first truss stands on the low side.
  test('a card says the notch beside its truss, how deep and on which side, and the block under it', () => {
    const text = svgs(sheetsOf('marl').book)
    const { d } = demo('marl')
    const eaves = d.posts.filter(({ side, kind }) => kind !== 'lean-to' && (side === 'south' || side === 'north'))
    const sides = [...text.matchAll(/notch 1 1\/2&quot; from seat to top toward the (\w+) wall/g)].map(
      ([, side]) => side,
    )
    expect(sides).toHaveLength(eaves.length)
    expect(sides.filter((side) => side === 'east')).toHaveLength(2)
    expect(svgs(sheetsOf('quillback').book)).toContain('block 17&quot; inside under the truss, 12 nails')
  })
  test('every card says where its number is written: clear of the marks, and as the phone says it', () => {
    const { job, d: derived, state, levels, book } = sheetsOf('quillback')
    const text = svgs(book)
    for (const built of measure(job, derived, state, levels).asBuilt) {
      const said = new RegExp(`write ${built.name} inside, (\\d+)&#39; ?([\\d ]+(?:/\\d+)?)&quot; from the foot`).exec(
        text,
      )
      const at = Number(said?.[1]) * 12 + Number(said?.[2])
      expect(at).toBe(writePlaceIn(built))
      for (const mark of built.marks) expect(Math.abs(mark.fromBottomIn - at)).toBeGreaterThan(3)
    }
  })
  test('what is printed is kept by post and is the same for the same job', () => {
    const { job, d: derived, state, levels } = sheetsOf('quillback')
    const a = printedCards(measure(job, derived, state, levels))
    expect(Object.keys(a)).toEqual(derived.posts.map((post) => post.id))
    expect(printedCards(measure(job, derived, state, levels))).toEqual(a)
  })
})

describe('what the ground and the crew’s own way change on paper', () => {
  const rows = (book: ReturnType<typeof sheetsOf>['book'], title: string) =>
    book.sheets
      .filter((sheet) => sheet.title === title)
      .flatMap((sheet) => sheet.blocks)
      .flatMap((block) => (block.kind === 'table' ? block.rows : []))
  test('on sloping ground a hole is said from the string and from the ground, gravel and all', () => {
    const { d: derived, book } = sheetsOf('tansy')
    // Pier 5' 3" and 4" of gravel under it; the ground at A1 lies 2 13/16" under the grade line.
    expect(
      rows(book, 'Hole schedule')
        .find((row) => row[0] === 'A1')
        ?.slice(2, 5),
    ).toEqual(['28"', `5' 7"`, `5' 4 3/16"`])
    for (const row of rows(book, 'Hole schedule'))
      expect(row[4] === '').toBe(!derived.ground?.[idNamed(derived.posts, row[0])])
    expect(book.sheets.find((sheet) => sheet.title === 'Hole schedule')?.sub).toMatch(/pier, gravel 4" under it/)
  })
  test('a hole read by rod is as deep as the string says, in the schedule and in the CSV', () => {
    const records = [
      ...setUp('s1', 0, 48, { A1: 53 }),
      record(60, { kind: 'grade', gradeReadingIn: 51.75 }),
      record(61, {
        kind: 'hole',
        post: 'A2',
        depthIn: null,
        setup: 's1',
        bottomReadingIn: 118.75,
        found: 'nothing',
        note: '',
      }),
    ]
    const { job, d: derived, state, levels, book } = sheetsOf('tansy', records)
    expect(rows(book, 'Hole schedule').find((row) => row[0] === 'A2')?.[6]).toBe(`5' 7"`)
    const line = holesToCsv(derived, state, measure(job, derived, state, levels).dugIn)
      .split('\r\n')
      .find((text) => text.startsWith('A2,'))
    expect(line).toMatch(/,67,118\.75,nothing,/)
  })
  test('cards of level strings measure from the string of the post’s own row', () => {
    const { job, d: derived } = demo('tansy')
    const { state, levels } = said([])
    const strings = {
      ...job,
      fieldwork: {
        ...job.fieldwork,
        levelSchool: 'level-strings' as const,
        strings: { heightIn: 12, dropPerRowIn: 4, from: 'south' as const },
      },
    }
    const svg = fieldSheets({
      job: strings,
      derived,
      state,
      levels,
      date: '',
      revision: '',
      page: 'http://127.0.0.1/f',
    })
      .sheets.flatMap((sheet) => sheet.blocks.flatMap((block) => (block.kind === 'svg' ? [block.svg] : [])))
      .join('')
    // Row A's string stands a foot up; the carrier, 11 1/4" deep, sits 9' 0 3/4" up: 8' 0 3/4". Row B's stands 8" up,
    // row D's on the grade line, where it needs no
    // line of its own.
    expect(svg.match(/string down to the grade line/g)).toHaveLength(
      derived.posts.filter((post) => post.row === null || derived.rows[post.row] !== 'D').length,
    )
    expect(/string up to the seat<\/text><text [^>]*>([^<]*)</.exec(svg)?.[1]).toBe('8&#39; 0 3/4&quot;')
  })
})

describe('two cards to a sheet', () => {
  test.each(['quillback', 'tansy', 'marl'] as const)(
    '%s: the same posts and numbers as four to a sheet, larger, and nothing off the card',
    (name) => {
      const { job, d: derived, state, levels } = sheetsOf(name, setUp('s1', 0, 48, { A1: 53.375 }))
      const both = ([2, 4] as const).map((perSheet) =>
        fieldSheets({
          job,
          derived,
          state,
          levels,
          date: '',
          revision: '',
          page: 'http://127.0.0.1:3000/field/j1',
          perSheet,
        }).sheets.filter((sheet) => sheet.title.startsWith('Card')),
      )
      expect(both.map((s) => s.length)).toEqual([
        Math.ceil(derived.posts.length / 2),
        Math.ceil(derived.posts.length / 4),
      ])
      const words = (sheets: (typeof both)[0]) =>
        sheets
          .flatMap((sheet) =>
            sheet.blocks.flatMap((block) =>
              block.kind === 'svg' ? [...block.svg.matchAll(/>([^<>]+)<\/text>/g)].map((match) => match[1]) : [],
            ),
          )
          .sort()
      // A card of four may leave marks to its page and say so; a card of two has them all.
      const [two, four] = both.map((b) => words(b).map((word) => word.replace(/^\d+ more marks on its page; /, '')))
      expect(four.filter((text) => !two.includes(text))).toEqual([])
      expect(two.filter((text) => /more marks/.test(text))).toEqual([])
      for (const sheet of both[0])
        for (const block of sheet.blocks)
          if (block.kind === 'svg')
            for (const match of block.svg.matchAll(/<text x="([\d.]+)" y="([\d.]+)"/g)) {
              expect(Number(match[1])).toBeLessThanOrEqual(block.width)
              expect(Number(match[2])).toBeLessThanOrEqual(block.height)
            }
    },
  )
  test('one left over stands alone on its half', () => {
    const { job, d: derived } = demo('quillback')
    const measured = measure(job, derived, said([]).state, said([]).levels)
    const [post] = measured.asBuilt
    const facts = {
      post: { ...post, marks: post.marks.slice(0, 3) },
      column: derived.columns[post.id],
      stringIn: 0,
      url: 'http://127.0.0.1/x',
      wallNames: derived.wallNames,
      printed: '',
    }
    const heights = (count: number) =>
      cardSheets(
        job,
        Array.from({ length: count }, () => facts),
        2,
      ).map(({ height }) => height)
    expect([heights(1), heights(2), heights(3)]).toEqual([[310], [632], [632, 310]])
  })

  test.each([
    ['quillback', 4],
    ['quillback', 2],
    ['tansy', 4],
    ['marl', 4],
  ] as const)(
    '%s, %s to a sheet: nothing on a card runs over its edge, where it would be cut off',
    (name, perSheet) => {
      const { job, d: derived } = demo(name)
      const { state, levels } = said([])
      const cards = measure(job, derived, state, levels).asBuilt.map((post) => ({
        post,
        column: derived.columns[post.id],
        stringIn: 0,
        url: 'http://127.0.0.1/x',
        wallNames: derived.wallNames,
        printed: 'Nov 28, 2026, 1',
      }))
      const edges = perSheet === 2 ? [[0, 528]] : [[0, 258], [270, 528]] // prettier-ignore
      const over = cardSheets(job, cards, perSheet)
        .flatMap(({ svg }) => textsOf(svg))
        .filter(({ left, right }) => !edges.some(([from, to]) => from < left && right < to))
      expect(over).toEqual([])
    },
  )
})

describe('sheets', () => {
  const records = [
    ...setUp('s1', 0, 48.5, { A1: 53.75, A2: 53.25 }, 48.5625),
    record(100, { kind: 'hole', post: 'A3', depthIn: 50, setup: null, bottomReadingIn: null, found: 'rock', note: '' }),
    record(101, { kind: 'pour', post: 'A3', bags: 8, bagLb: 80, poured: '2026-05-04T14:00:00Z' }),
  ]
  const { book, job, d: derived } = sheetsOf('quillback', records)
  const text = JSON.stringify(book)
  test.each(['Hole schedule', 'Rod log', 'Rod log, to fill in', 'Set-ups', 'Concrete order'])(
    '%s is there',
    (title) => {
      expect(book.sheets.some((sheet) => sheet.title === title)).toBe(true)
    },
  )
  test('the log as dug stands in the schedule; the closing check in the set-ups', () => {
    const row = book.sheets
      .filter((sheet) => sheet.title === 'Hole schedule')
      .flatMap((sheet) => sheet.blocks)
      .flatMap((block) => (block.kind === 'table' ? block.rows : []))
      .find((r) => r[0] === 'A3')
    // Foot at 6' 5", as dug 4' 2"; from the ground only where spot heights say.
    expect(row?.slice(6)).toEqual(['4\' 2"', 'rock', '8 bags'])
    expect(
      book.sheets
        .find((sheet) => sheet.title === 'Set-ups')
        ?.blocks.flatMap((block) => (block.kind === 'table' ? block.rows : []))[0],
    ).toEqual(['s1', 'corner', '2', '48 1/2"', '1/16"', 'closed on its benchmark'])
  })
  test('the blank log has every post and no number; the filled one takes the closing error out', () => {
    const rows = (title: string) =>
      book.sheets
        .filter((sheet) => sheet.title === title)
        .flatMap((sheet) => sheet.blocks)
        .flatMap((block) => (block.kind === 'table' ? block.rows : []))
    expect(rows('Rod log, to fill in').map((row) => row.join('|'))).toEqual(
      derived.posts.map((post) => `${post.name}||||`),
    )
    expect(
      rows('Rod log')
        .find((row) => row[0] === 'A1')
        ?.slice(0, 4),
    ).toEqual(['A1', 's1', '53 3/4"', '53 3/4"'])
  })
  test('columns alike share one build sheet; together the sheets name every post', () => {
    const build = book.sheets.filter((sheet) => sheet.title.startsWith('Column:'))
    expect(build.length).toBeLessThan(derived.posts.length)
    const named = build.map(({ title, blocks }) => {
      const all = blocks.find((block) => block.kind === 'text' && block.text.startsWith('For '))
      const names = all?.kind === 'text' ? all.text.slice('For '.length) : title.slice('Column: '.length)
      return names.split(' ')
    })
    expect(named.flat().sort()).toEqual(derived.posts.map(({ name }) => name).sort())
    expect(text).toMatch(/template stick/i)
  })
  test('on phones the columns are as planned whatever the office has read, and say where the cut stands', () => {
    const all = plannedBuildSheets(job, derived)
    const unread = plannedBuildSheets({ ...job, levels: { ...job.levels, readingsIn: {} } }, derived)
    expect(all).toEqual(unread)
    expect(all.length).toBeGreaterThan(1)
    for (const sheet of all) expect(JSON.stringify(sheet.blocks[0])).toMatch(/As planned.*stands on its card/)
    expect(JSON.stringify(all)).not.toMatch(/Each post from its own foot, as it was read/)
    // The feet of the plan: the lengths are those of the schedule.
    for (const { title, sub } of all) {
      const [, first] = /^Column: (\w+)/.exec(title) ?? []
      const row = derived.schedule.find(({ name }) => name === first)
      expect(sub).toContain(`cut ${mark(row?.totalIn ?? 0)}`)
    }
  })
  test('only letters the paper font has; the standing note on every book', () => {
    expect(text).not.toMatch(/[′″−]/)
    expect(book.note).toMatch(/planning/i)
  })
})

const STRIP = { job: 'barn', date: 'Nov 25, 2026', revision: 'revision 4', paper: 'letter' } as const

describe('pole at full size: 72 points are one inch', () => {
  const marks = [
    { key: 'grade', name: 'grade line', upIn: 0 },
    { key: 'G1', name: 'G1 top', upIn: 26.125 },
    { key: 'heel', name: 'heel', upIn: 192 },
  ]
  const pages = poleStrips('A1', marks, 192, STRIP)
  const strips = pages.flatMap((page) => page.strips)
  test('strips cover the pole from end to end and lap by half an inch', () => {
    expect(strips[0].fromIn).toBe(0)
    expect(strips.at(-1)?.toIn).toBeGreaterThanOrEqual(192)
    strips.slice(1).forEach((strip, i) => expect(strips[i].toIn - strip.fromIn).toBe(OVERLAP_IN))
    expect(strips.every((strip) => strip.toIn - strip.fromIn === STRIP_IN)).toBe(true)
    expect(pages).toHaveLength(Math.ceil(strips.length / STRIPS_A_PAGE))
  })
  test.each(marks)('the mark at $upIn in. lies true on its strip', (m) => {
    const at = strips.findIndex((strip) => m.upIn >= strip.fromIn && m.upIn <= strip.toIn)
    const page = pages[Math.floor(at / STRIPS_A_PAGE)]
    const y = 60 + (strips[at].toIn - m.upIn) * 72
    expect(page.svg).toContain(`y1="${Math.round(y * 100) / 100}"`)
    expect(page.svg).toContain(`>${m.name}</text>`)
  })
  test.each([
    ['letter', 612, 792],
    ['a4', 595.28, 841.89],
  ] as const)('nothing leaves a sheet of %s', (paper, wide, high) => {
    for (const page of poleStrips('A1', marks, 192, { ...STRIP, paper })) {
      for (const match of page.svg.matchAll(/\bx[12]?="([\d.]+)"/g)) expect(Number(match[1])).toBeLessThanOrEqual(wide)
      for (const match of page.svg.matchAll(/\by[12]?="([\d.]+)"/g)) expect(Number(match[1])).toBeLessThanOrEqual(high)
    }
  })
  test('every strip says the job, the day, the revision, and which of how many it is', () => {
    const count = strips.length
    for (let i = 1; i <= count; i++)
      expect(pages.map(({ svg }) => svg).join('')).toContain(`A1, strip ${i} of ${count}<`)
    for (const { svg, strips: own } of pages) expect(svg.match(/Nov 25, 2026, revision 4</g)).toHaveLength(own.length)
  })
  test('six inches are checked across and up on every sheet', () => {
    for (const { svg } of pages) {
      const bars = [...svg.matchAll(/<rect [^>]*width="([\d.]+)" height="([\d.]+)" fill="#000"/g)].map(
        ([, wide, high]) => [Number(wide), Number(high)],
      )
      expect(bars).toContainEqual([6 * 72, 7])
      expect(bars).toContainEqual([4, 6 * 72])
    }
  })
  test.each([
    [9.5, 1],
    [9.6, 2],
    [18.5, 2],
    [18.6, 3],
    [1, 1],
  ])('%f in. take %i strips', (len, n) => {
    expect(poleStrips('x', [], len, STRIP).flatMap((strip) => strip.strips)).toHaveLength(n)
  })
})

describe('plan as DXF', () => {
  const { job, d: derived } = demo('quillback')
  const pairs = (dxf: string) => {
    const l = dxf.split(/\r?\n/)
    return l.flatMap((text, i) => (i % 2 === 0 && i + 1 < l.length ? [[text.trim(), l[i + 1]] as const] : []))
  }
  test.each([
    ['in', '1', 1],
    ['mm', '4', 25.4],
  ] as const)('in %s: header, layers, one circle and outline a post, at its place', (units, code, k) => {
    const p = pairs(planDxf(job, derived, units))
    expect(p[p.findIndex(([c, v]) => c === '9' && v === '$INSUNITS') + 1][1]).toBe(code)
    expect(p[p.findIndex(([c, v]) => c === '9' && v === '$ACADVER') + 1][1]).toBe('AC1021')
    for (const kind of ['CIRCLE', 'LWPOLYLINE'])
      expect(p.filter(([c, v]) => c === '0' && v === kind)).toHaveLength(derived.posts.length)
    const circles = p.flatMap(([c, v], i) => (c === '0' && v === 'CIRCLE' ? [p.slice(i, i + 14)] : []))
    const at = (list: typeof p, c: string) => Number(list.find(([q]) => q === c)?.[1])
    derived.posts.forEach((post, i) => {
      expect(at(circles[i], '10')).toBeCloseTo(post.x * k, 6)
      expect(at(circles[i], '20')).toBeCloseTo(post.y * k, 6)
    })
    expect(p.at(-1)).toEqual(['0', 'EOF'])
  })
  test('a hostile name stays one line of text', () => {
    const p = pairs(planDxf({ ...job, name: 'a\n0\nEOF\n<script>é' }, derived, 'in'))
    expect(p.filter(([c, v]) => c === '0' && v === 'EOF')).toHaveLength(1)
    expect(p.some(([c, v]) => c === '1' && v.startsWith('a 0 EOF <script>?'))).toBe(true)
  })
})

describe('readings from CSV', () => {
  const posts = ['A1', 'A2', 'B1'].map((name) => ({ id: `p-${name.toLowerCase()}`, name }))
  test.each<[string, string, readonly (readonly [string, number])[], number]>([
    [
      'plain',
      'post,reading\nA1,53 3/8\nA2,53.25',
      [
        ['A1', 53.375],
        ['A2', 53.25],
      ],
      0,
    ],
    [
      'feet and inches',
      'Post , Reading\na1,4\' 5 3/8"\nA2,4-5-6',
      [
        ['A1', 53.375],
        ['A2', 53.375],
      ],
      0,
    ],
    ['a stray comma in feet-inches', 'post,reading\nA1,4\',5 3/8"', [['A1', 53.375]], 0],
    ['quoted commas', 'post,reading\nA1,"53 3/8"', [['A1', 53.375]], 0],
    ['a byte order mark and Windows lines', '\uFEFFpost,reading\r\nA1,53\r\n', [['A1', 53]], 0],
    ['an unknown post', 'post,reading\nZ9,53\nA1,53', [['A1', 53]], 1],
    ['letters', 'post,reading\nA1,high\nA2,53', [['A2', 53]], 1],
    ['off the rod', 'post,reading\nA1,301\nA2,-1', [], 2],
    ['twice', 'post,reading\nA1,53\nA1,54', [['A1', 53]], 1],
    ['no columns', 'name,height\nA1,53', [], 1],
    ['nothing', '', [], 1],
    ['a formula', 'post,reading\nA1,=1+1', [], 1],
  ])('%s', (_, text, rows, problems) => {
    const r = readingsFromCsv(text, posts)
    expect(r.rows.map((row) => [row.name, row.readingIn])).toEqual(rows)
    expect(r.problems).toHaveLength(problems)
    if (problems && rows.length) expect(r.problems[0]).toMatch(/^Row \d/)
  })
  test('what goes out comes in again', () => {
    const { state, levels } = said(boundTo(posts, setUp('s1', 0, 48, { A1: 53.375, A2: 52.0625, B1: 60 })))
    const names = Object.fromEntries(posts.map(({ id, name }) => [id, name]))
    expect(readingsFromCsv(readingsToCsv(state, levels, names), posts)).toEqual({
      rows: [
        { id: 'p-a1', name: 'A1', readingIn: 53.375 },
        { id: 'p-a2', name: 'A2', readingIn: 52.0625 },
        { id: 'p-b1', name: 'B1', readingIn: 60 },
      ],
      problems: [],
    })
  })
})

describe('other CSV', () => {
  test('the hole log has every post, what was dug and poured, and no formula', () => {
    const { d: derived, state } = sheetsOf('quillback', [
      record(1, {
        kind: 'hole',
        post: 'A3',
        depthIn: 50,
        setup: null,
        bottomReadingIn: null,
        found: 'rock',
        note: '=1+1',
      }),
      record(2, { kind: 'pour', post: 'A3', bags: 8, bagLb: 80, poured: '2026-05-04T14:00:00Z' }),
    ])
    const lines = holesToCsv(derived, state, { [idNamed(derived.posts, 'A3')]: 50 })
      .trimEnd()
      .split('\r\n')
    expect(lines).toHaveLength(derived.posts.length + 1)
    expect(lines.find((line) => line.startsWith('A3,'))).toMatch(
      /,50,,rock,"'=1\+1",crew,8,80,2026-05-04T14:00:00Z,planned$/,
    )
  })
  test.each<[string, string, readonly (readonly [string, number, number, number])[], RegExp | null]>([
    [
      'plain',
      'spot,east,north,height\nS1,0,0,2\nS2,120,0,-3 1/2',
      [
        ['S1', 0, 0, 2],
        ['S2', 120, 0, -3.5],
      ],
      null,
    ],
    ['feet', "Spot,East,North,Height\nS1,-10',12' 6\",1/2", [['S1', -120, 150, 0.5]], null],
    ['letters', 'spot,east,north,height\nS1,0,0,low', [], /Row 2: height “low”/],
    ['off the earth', 'spot,east,north,height\nS1,0,0,241', [], /Row 2: height/],
    ['far away', 'spot,east,north,height\nS1,6001,0,0', [], /Row 2: east/],
    ['twice', 'spot,east,north,height\nS1,0,0,1\nS1,0,0,2', [['S1', 0, 0, 1]], /Row 3: S1 stands twice/],
    ['a name of markup', 'spot,east,north,height\n<b>,0,0,1', [], /no name for a spot/],
    ['a comma that was not quoted', 'spot,east,north,height\nS1,4\',3",0,1', [], /Row 2: more columns/],
    ['a column short', 'spot,east,height\nS1,0,1', [], /missing: north/],
    ['too large', 'x'.repeat(1_000_001), [], /1 MB/],
  ])('spots: %s', (_, text, rows, says) => {
    const r = spotsFromCsv(text)
    expect(r.rows.map((row) => [row.id, row.xIn, row.yIn, row.heightIn])).toEqual(rows)
    if (says) expect(r.problems.join(' ')).toMatch(says)
    else expect(r.problems).toEqual([])
  })
})

test.each([
  ['http://127.0.0.1:3000/field/x', true],
  ['http://localhost:3000/field/x', true],
  ['http://[::1]:3000/field/x', true],
  ['https://yard.test/field/x', false],
  ['https://10.77.0.1:3443/field/x', false],
  ['https://127.yard.test/field/x', false],
  ['https://localhost.test/field/x', false],
])('codes with %s open on their own machine alone: %s', (page, alone) => {
  expect(opensHereOnly(page)).toBe(alone)
})
