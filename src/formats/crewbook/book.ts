import { birdsMouth, type ShownDerived as Derived } from '@/core/derive'
import { hookedMarks, purlinPlaces } from '@/core/layout'
import type { RodLog } from '@/core/marks'
import { SIDES, type Job } from '@/core/model'
import { roundIn, runningMarks } from '@/core/units'
import { boardSize } from '@/core/wood'
import { DIG_CAUTION, KIND, RAISE_CAUTION, standingNote } from '../words'
import { planSvg, postSvg, wallSvg } from './drawings'
import type { Block, CrewBook, Sheet } from './types'
import { inches, mark, table } from './paper'
import { chunk, plain } from '../plain'

/** Most table rows a letter sheet takes at arm's-length size. */
const ROWS = 30

function stringsSheets(job: Job, d: Derived): Sheet[] {
  const plan = planSvg(job, d)
  const first: Sheet = {
    title: 'Strings',
    sub: 'plan, strings on the outside face of the posts',
    blocks: [
      { kind: 'svg', ...plan, alt: 'plan of strings and posts' },
      { kind: 'caution', text: plain(DIG_CAUTION) },
      table(
        ['to tape', 'between', 'should read', 'measured'],
        [
          ...d.diagonals.map((g) => [g.name, g.of, mark(g.lengthIn), '']),
          ...(d.triangle
            ? [
                [
                  '3-4-5',
                  `${mark(d.triangle.alongIn)} along, ${mark(d.triangle.acrossIn)} across`,
                  mark(d.triangle.diagonalIn),
                  '',
                ],
              ]
            : []),
        ],
        [2],
        [2],
      ),
    ],
  }
  const lists = d.strings.map((s) => {
    const h = hookedMarks(s, job.strings.hook, job.strings.hookPost)
    const own = h.marks
      .filter((m) => m.kind !== 'face' && m.kind !== 'edge')
      .sort((a, b) => a.fromHookIn - b.fromHookIn)
    const face = (key: string) => h.marks.find((m) => m.key === key)?.fromHookIn ?? 0
    const rows = own.map((m, i) => {
      const [a, b] = [face(`${m.key}-low`), face(`${m.key}-high`)]
      return [
        m.name,
        mark(Math.min(a, b)),
        mark(m.fromHookIn),
        mark(Math.max(a, b)),
        i > 0 ? mark(m.shownIn - roundIn(own[i - 1].fromHookIn)) : '',
      ]
    })
    return { name: s.name, note: h.note, rows }
  })
  const sheets: { rows: number; blocks: Block[] }[] = []
  for (const l of lists) {
    for (const part of chunk(l.rows, ROWS - 2)) {
      const blocks: Block[] = [
        { kind: 'text', strong: true, text: `${l.name[0].toUpperCase()}${l.name.slice(1)}, hook on ${l.note}` },
        table(['post', 'near face', 'centre', 'far face', 'space'], part, [1, 2, 3, 4], [0, 2]),
      ]
      const last = sheets.at(-1)
      if (last && last.rows + part.length + 4 <= ROWS) {
        last.blocks.push(...blocks)
        last.rows += part.length + 4
      } else sheets.push({ rows: part.length + 4, blocks })
    }
  }
  return [
    first,
    ...sheets.map((s): Sheet => ({ title: 'Running marks', sub: 'each rounded once from the hook', blocks: s.blocks })),
  ]
}

function scheduleSheets(d: Derived): Sheet[] {
  const rows = d.schedule.map((r) => [
    r.id,
    KIND[r.kind],
    `${mark(r.xIn)} , ${mark(r.yIn)}`,
    mark(r.heightIn),
    mark(r.embedIn),
    inches(r.holeDiameterIn),
    mark(r.holeIn),
    mark(r.totalIn),
    r.stockIn === null ? 'special' : mark(r.stockIn),
  ])
  return chunk(rows, ROWS - 4).map((part): Sheet => ({
    title: 'Post schedule',
    sub: `${d.schedule[0]?.section ?? ''}; place from strings 1 and A to the centre`,
    blocks: [
      table(
        ['post', 'kind', 'place', 'height', 'in ground', 'hole', 'deep', 'length', 'stock'],
        part,
        [2, 3, 4, 5, 6, 7, 8],
        [0],
      ),
      { kind: 'caution', text: plain(RAISE_CAUTION) },
    ],
  }))
}

/** Rows of rod marks that a card has room for under its drawing; more have a sheet of their own behind it. */
const CARD_RODS = 10

function cardSheets(job: Job, d: Derived, rods: RodLog): Sheet[] {
  return d.cards.flatMap((c): Sheet[] => {
    const up = c.postIds.flatMap((id) =>
      id in rods.offsets ? [[id, inches(rods.offsets[id].readingIn), inches(rods.offsets[id].upToGradeIn)]] : [],
    )
    const marks = (rows: string[][]): Block => table(['post', 'rod reads', 'up to grade line'], rows, [1, 2], [2])
    const short = up.length <= CARD_RODS
    const card: Sheet = {
      title: `${c.title}: ${c.postIds.length > 14 ? `${c.postIds.slice(0, 13).join(' ')} and ${c.postIds.length - 13} more` : c.postIds.join(' ')}`,
      sub: `${c.row.section}, ${mark(c.row.totalIn)} long${c.row.stockIn === null ? '' : `, from ${mark(c.row.stockIn)}`}`,
      blocks: [
        { kind: 'svg', ...postSvg(job, d, c), alt: `marks of ${c.postIds[0]}` },
        ...(up.length === 0
          ? []
          : short
            ? [marks(up)]
            : [
                {
                  kind: 'text' as const,
                  text: 'What the rod read at each of them, and how far up from there the grade line is: next sheet.',
                },
              ]),
        { kind: 'text', text: `Girt marks are the ${job.fieldwork.boardEdge} of the board.` },
        { kind: 'caution', text: plain(RAISE_CAUTION) },
      ],
    }
    return [
      card,
      ...(short
        ? []
        : chunk(up, ROWS - 2).map((rows): Sheet => ({
            title: `${c.title}: grade marks`,
            sub: `${c.row.section}; up from where the rod stood, all set-ups in one frame`,
            blocks: [marks(rows)],
          }))),
    ]
  })
}

const girtSheets = (job: Job, d: Derived): Sheet[] =>
  SIDES.map((side): Sheet => {
    const w = d.walls[side]
    const rows = [...w.rows].reverse().map((r) => {
      const pieces = w.pieces.filter((p) => p.row === r.id)
      const counts = new Map<string, number>()
      for (const p of pieces) counts.set(mark(p.lengthIn), (counts.get(mark(p.lengthIn)) ?? 0) + 1)
      return [
        r.id,
        r.landing ?? '',
        mark(r.topIn),
        inches(r.spaceBelowIn),
        [...counts].map(([l, n]) => `${n} @ ${l}`).join('   '),
      ]
    })
    const b = job.building
    return {
      title: `${w.name}: girts`,
      sub: `${b.girts.size.replace('x', '×')} ${b.girts.lumber}, ${b.girts.style === 'flat' ? 'flat on the posts' : 'between the posts'}; marks are the top of the board`,
      blocks: [
        { kind: 'svg', ...wallSvg(job, d, side), alt: w.name },
        table(['row', 'lands on', 'up from grade', 'space', 'cut'], rows, [2, 3], [0, 2]),
      ],
    }
  })

/** Trusses, purlin rows, lean-to rafters and joints: what the roof crew marks and fixes. */
function roofSheets(job: Job, d: Derived): Sheet[] {
  const b = job.building
  const rows = runningMarks(purlinPlaces(b, d.grid))
  return [
    {
      title: 'Roof',
      sub: `${d.trusses.trusses.length} trusses; purlins ${b.roof.purlins.size.replace('x', '×')} ${b.roof.purlins.lumber}`,
      blocks: [
        table(
          ['truss', 'from string 1', 'carried by'],
          d.trusses.rests.south.map((r) => [
            `T${r.truss.n}`,
            mark(r.truss.xIn),
            r.post ? `post ${r.post.id}` : r.between ? `beam ${r.between[0].id} to ${r.between[1].id}` : '',
          ]),
          [1],
          [0, 1],
        ),
        { kind: 'text', strong: true, text: 'Purlin rows, hook at the eave edge of the slope, low edge of each' },
        table(
          ['row', 'up the slope', 'space'],
          rows.map((m, i) => [`P${i + 1}`, mark(m.shownIn), i ? inches(m.spaceIn) : '']),
          [1, 2],
          [0, 1],
        ),
      ],
    },
    {
      title: 'Roof: lean-tos and joints',
      sub: 'cuts, nails, bolts and ties with counts',
      blocks: [
        ...b.leanTos.map((l): Block => {
          const m = birdsMouth(l.pitchPer12, boardSize(l.rafter.size).dIn, l.seatIn, l.depthIn)
          return table(
            [`${d.wallNames[l.side].replace(' wall', '')} lean-to rafter`, ''],
            [
              ['board', `${l.rafter.plies} × ${l.rafter.size.replace('x', '×')} ${l.rafter.lumber}`],
              ['wall to outer post on the slope', mark(m.lengthIn)],
              ['plumb cut, level cut', `${m.plumbDeg.toFixed(1)}°, ${m.levelDeg.toFixed(1)}°`],
              ['seat, heel cut', `${inches(m.seatIn)}, ${inches(m.heelCutIn)}`],
              ['left above the seat', inches(m.aboveIn)],
            ],
            [1],
            [1],
          )
        }),
        table(
          ['joint', 'with', 'each', 'joints', 'in all'],
          d.takeoff.joints.map((j) => [j.joint, j.fastener, String(j.each), String(j.joints), String(j.total)]),
          [2, 3, 4],
          [2],
        ),
        {
          kind: 'caution',
          text: 'Brace the first truss to the ground both ways before the second is set. Nobody under a hanging truss. Temporary braces stay until the permanent bracing and the skin are on.',
        },
      ],
    },
  ]
}

function quantitySheet(d: Derived): Sheet {
  const t = d.takeoff
  const stock = [...t.posts, ...t.girts, ...t.skirt, ...t.roof].map((s) => [
    s.what,
    s.stockIn === null ? 'over 24 ft: order special' : mark(s.stockIn),
    String(s.count),
  ])
  return {
    title: 'Quantities',
    sub: 'posts, girts, skirt, roof, concrete',
    blocks: [
      table(['what', 'length', 'pieces'], stock, [1, 2], [2]),
      table(
        ['concrete', '', 'amount'],
        [
          ['all holes, net', '', `${t.concreteFt3.toFixed(1)} cu ft`],
          [`with ${t.wastePct}% over-dig`, '', `${t.concreteYd3.toFixed(2)} cu yd`],
          ...([80, 60, 50, 40] as const).map((lb) => [`or in ${lb} lb bags`, '', `${t.bags[lb]} bags`]),
          ...(t.gravelYd3 > 0 ? [['gravel, loose', '', `${t.gravelYd3.toFixed(2)} cu yd`]] : []),
          ['backfill', '', `${(t.backfillFt3 / 27).toFixed(1)} cu yd`],
          ['earth left over, loose', '', `${(t.spoilFt3 / 27).toFixed(1)} cu yd`],
        ],
        [2],
        [2],
      ),
      {
        kind: 'text',
        text: 'Boards are counted piece by piece, each from its own stock length; offcuts are not re-used here. Bags are rounded up once, on the total.',
      },
      ...(d.tally.fails
        ? [
            {
              kind: 'caution' as const,
              text: `${d.tally.fails} check${d.tally.fails > 1 ? 's' : ''} of this building fail${d.tally.fails > 1 ? '' : 's'}: do not order before they are settled. ${d.checks
                .filter((c) => c.state === 'fails')
                .map((c) => c.title)
                .join('; ')}.`,
            },
          ]
        : []),
      {
        kind: 'caution',
        text: `${d.tally.notChecked} things are not checked here: ${d.checks
          .filter((c) => c.state === 'not-checked')
          .map((c) => c.title.toLowerCase())
          .join('; ')}.`,
      },
    ],
  }
}

/** The crew book of a derived job. `date` and `revision` are printed on every sheet; `rods` are the readings of the office and the phones together, the office's alone without them. */
export function crewBook(
  job: Job,
  d: Derived,
  { date, revision, rods }: { readonly date: string; readonly revision: string; readonly rods?: RodLog },
): CrewBook {
  return {
    job: job.name,
    date,
    revision,
    note: standingNote(d.site !== null),
    sheets: [
      ...stringsSheets(job, d),
      ...scheduleSheets(d),
      ...cardSheets(job, d, rods ?? d.rods),
      ...girtSheets(job, d),
      ...roofSheets(job, d),
      quantitySheet(d),
    ],
  }
}
