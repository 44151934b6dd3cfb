import { buildCard, type BuildCard } from '@/core/columns'
import { kindName, type ShownDerived as Derived } from '@/core/derive'
import { measure, type FieldState, type Levels, type Measured } from '@/core/field'
import type { Job } from '@/core/model'
import { concreteOrder } from '@/core/quantities'
import type { Block, CrewBook, Sheet } from '../crewbook'
import { KIND, standingNote, DIG_CAUTION } from '../words'
import { cardsSvg, type CardsASheet } from './cards'
import { inches, mark, table } from '../crewbook/paper'
import { chunk, plain } from '../plain'

const ROWS = 27

export interface FieldSheetsOf {
  readonly job: Job
  readonly derived: Derived
  readonly state: FieldState
  readonly levels: Levels
  readonly date: string
  readonly revision: string
  /** Where the field pages are served, for the codes: `https://host/field/ID`. */ readonly page: string
  /** The posts as built, where they have been worked out already. */ readonly measured?: Measured
  readonly perSheet?: CardsASheet
}

/** What every printed card says, by post: kept with the print, so that a later change is known. */
export const printedCards = (m: Measured): Record<string, string> =>
  Object.fromEntries(m.asBuilt.map((p) => [p.id, p.signature]))

const postsOf = (f: FieldSheetsOf, m: Measured) => {
  const by = new Map(f.derived.posts.map((p) => [p.id, p]))
  return m.asBuilt.flatMap((post) => {
    const p = by.get(post.id)
    return p
      ? [
          {
            post,
            heightIn: p.heightIn,
            longPointIn: p.longPointIn,
            stringIn: m.stringIn[post.id] ?? 0,
            url: `${f.page}/post/${post.id}`,
          },
        ]
      : []
  })
}

/** What lies in and under a hole besides the post, in few words. */
function inHole(b: Job['building']): string {
  const parts = [
    b.school === 'pier' ? 'pier' : `pad ${inches(b.padThicknessIn)}`,
    ...(b.school === 'collar' ? [`collar ${inches(b.collarHeightIn)}`] : []),
    ...(b.cleat ? [`cleats ${inches(b.cleat.widthIn)} x ${inches(b.cleat.lengthIn)}`] : []),
    ...(b.gravelIn > 0 ? [`gravel ${inches(b.gravelIn)} under it`] : []),
  ]
  return plain(parts.join(', '))
}

function holeSheets(f: FieldSheetsOf, m: Measured): Sheet[] {
  const log = f.state.holes
  const rows = f.derived.schedule.map((r) => [
    r.id,
    KIND[r.kind],
    inches(r.holeDiameterIn),
    mark(r.holeIn),
    f.derived.ground?.[r.id] ? mark(r.holeIn + f.derived.ground[r.id].groundIn) : '',
    mark(r.embedIn),
    m.dugIn[r.id] != null ? mark(m.dugIn[r.id] ?? 0) : '',
    log[r.id]?.body.found ?? '',
    f.state.pours[r.id]?.at(-1) ? `${f.state.pours[r.id].at(-1)?.body.bags} bags` : '',
  ])
  return chunk(rows, ROWS).map((part) => ({
    title: 'Hole schedule',
    sub: `from the string at the grade line to the bottom that is dug; ${inHole(f.job.building)}`,
    blocks: [
      table(
        ['post', 'kind', 'across', 'from string', 'from ground', 'foot at', 'as dug', 'found', 'poured'],
        part,
        [2, 3, 4, 5, 6],
        [0, 3],
      ),
      { kind: 'caution', text: plain(DIG_CAUTION) },
    ],
  }))
}

function rodSheets(f: FieldSheetsOf, m: Measured, blank: boolean): Sheet[] {
  const rows = f.derived.posts.map((p) => {
    const t = f.levels.current[p.id]
    const o = m.rods.offsets[p.id]
    return blank
      ? [p.id, '', '', '', '']
      : [
          p.id,
          t?.setup ?? (o ? 'office' : ''),
          t ? inches(t.rawIn) : o ? inches(o.readingIn) : '',
          o ? inches(o.readingIn) : '',
          o ? inches(o.upToGradeIn) : '',
        ]
  })
  const note = blank
    ? 'set-up ______  place ________________  benchmark reads ________  back to it ________'
    : m.rods.benchmarkPost
      ? `high point ${m.rods.benchmarkPost}; grade line reads ${inches(m.rods.gradeReadingIn ?? 0)}`
      : 'nothing read yet'
  return chunk(rows, ROWS).map((part) => ({
    title: blank ? 'Rod log, to fill in' : 'Rod log',
    sub: note,
    blocks: [
      table(['post', 'set-up', blank ? 'reading' : 'as read', 'levelled', 'up to grade line'], part, [2, 3, 4], [0, 4]),
      {
        kind: 'text',
        text: 'A higher reading is a lower point. Read the benchmark again before the laser is moved: over 1/8" off, read all of the set-up again.',
      },
    ],
  }))
}

function setupSheet(f: FieldSheetsOf): Sheet[] {
  if (f.levels.setups.length === 0) return []
  return [
    {
      title: 'Set-ups',
      sub: 'each tied to the first by the benchmark',
      blocks: [
        table(
          ['set-up', 'place', 'read', 'benchmark', 'closing', 'state'],
          f.levels.setups.map((s) => [
            s.setup,
            s.place,
            String(s.count),
            s.benchmarkIn === null ? '' : inches(s.benchmarkIn),
            s.closingIn === null ? '' : inches(s.closingIn),
            s.state,
          ]),
          [2, 3, 4],
          [0],
        ),
      ],
    },
  ]
}

function buildSheet(card: BuildCard): Sheet {
  const dim = (v: number): string => mark(v)
  return {
    title: `Column: ${card.postIds.length > 8 ? `${card.postIds.slice(0, 8).join(' ')} and ${card.postIds.length - 8} more` : card.postIds.join(' ')}`,
    sub: `${card.label}; foot to seat ${dim(card.seatIn)}; about ${Math.round(card.weightLb)} lb wet`,
    blocks: [
      table(
        ['ply', 'board from the foot up', 'cut', 'wood', 'crown'],
        card.plies.flatMap((p) =>
          p.pieces.map((q) => [
            p.name,
            `${dim(q.fromIn)} to ${dim(q.toIn)}`,
            dim(q.lengthIn),
            q.treated ? 'treated' : 'dry',
            p.crown,
          ]),
        ),
        [1, 2],
        [2],
      ),
      table(
        ['', ''],
        [
          ['top of the outer plies', dim(card.lengthIn)],
          ...(card.pocketIn > 0 ? [['pocket in the centre ply', dim(card.pocketIn)]] : []),
          ...(card.bevelDeg > 0 ? [['top cut', `${card.bevelDeg.toFixed(1)} degrees, ${inches(card.bevelIn)}`]] : []),
          ['treated up to', dim(card.treatedToIn)],
          ...(card.nails ? [['nails', `${card.nails.total}, ${card.nails.nailsPerFace} a face`]] : []),
          ...card.bolts.map((q) => [q.what, dim(q.fromFootIn)]),
        ],
        [1],
        [1],
      ),
      ...(card.nails
        ? [
            {
              kind: 'text' as const,
              strong: true,
              text: `Template stick: ${card.nails.columns} columns of ${card.nails.rowsIn.length} at ${inches(card.nails.spacingIn)}; odd ones from this face`,
            },
            { kind: 'text' as const, text: card.nails.marksIn.map((v) => mark(v)).join('   ') },
          ]
        : []),
      ...(card.problem ? [{ kind: 'caution' as const, text: plain(card.problem) }] : []),
      ...card.steps.map((t, i): Block => ({ kind: 'text', text: plain(`${i + 1}. ${t}`) })),
    ],
  }
}

/** Build cards: one for each group of posts that are cut and marked alike. */
export function buildCards(job: Job, d: Pick<Derived, 'posts'>, m: Measured): BuildCard[] {
  const groups = new Map<string, string[]>()
  for (const p of m.asBuilt) {
    const kind = d.posts.find((q) => q.id === p.id)?.kind ?? ''
    const k = `${kind}|${p.signature}`
    groups.set(k, [...(groups.get(k) ?? []), p.id])
  }
  return [...groups.values()].flatMap((ids) => {
    const post = d.posts.find((q) => q.id === ids[0])
    const own = m.asBuilt.find((q) => q.id === ids[0])
    return post && own ? [buildCard(job.building, post, own.footToGradeIn, ids)] : []
  })
}

function concreteSheet(f: FieldSheetsOf): Sheet {
  const t = f.derived.takeoff
  const s = f.job.fieldwork.concrete
  const o = concreteOrder(
    t.concreteFt3,
    f.derived.holes.reduce((n, h) => n + h.postIds.length, 0),
    s,
  )
  return {
    title: 'Concrete order',
    sub: s.by === 'truck' ? 'by truck' : `in ${s.bagLb} lb bags`,
    blocks: [
      table(
        ['holes', 'count', 'each, net', 'all, net'],
        f.derived.holes.map((h) => [
          `${kindName(h.kind)}, ${inches(h.diameterIn)} across`,
          String(h.postIds.length),
          `${h.volumes.concreteFt3.toFixed(2)} cu ft`,
          `${(h.volumes.concreteFt3 * h.postIds.length).toFixed(1)} cu ft`,
        ]),
        [1, 2, 3],
      ),
      table(
        ['order', ''],
        [
          ['with 10% over-dig', `${o.yd3.toFixed(2)} cu yd`],
          ...(s.by === 'truck'
            ? [['truck', `${o.truckYd3.toFixed(2)} cu yd`]]
            : [
                [`bags, ${o.spareBags} of them spare`, String(o.bagsInAll)],
                [`loads of ${o.bagsALoad}`, String(o.loads)],
                ['weigh', `${o.bagsWeighLb} lb`],
              ]),
        ],
        [1],
        [1],
      ),
      ...o.say.map((q): Block => ({ kind: 'text', text: plain(q) })),
    ],
  }
}

/** The sheets of the work on site: cards of single posts, two or four to a sheet, hole schedule, rod logs, set-ups, columns to build, concrete. */
export function fieldSheets(f: FieldSheetsOf): CrewBook {
  const m = f.measured ?? measure(f.job, f.derived, f.state, f.levels)
  const perSheet = f.perSheet ?? 4
  const cards = chunk(postsOf(f, m), perSheet).map((four): Sheet => ({
    title: `Cards ${four[0].post.id} to ${four[four.length - 1].post.id}`,
    sub: 'cut apart; the code opens the page of the post',
    blocks: [
      { kind: 'svg', ...cardsSvg(f.job, four, perSheet), alt: `cards of ${four.map((c) => c.post.id).join(', ')}` },
    ],
  }))
  return {
    job: f.job.name,
    date: f.date,
    revision: f.revision,
    note: standingNote(f.derived.site !== null),
    sheets: [
      ...cards,
      ...holeSheets(f, m),
      ...rodSheets(f, m, false),
      ...setupSheet(f),
      ...rodSheets(f, m, true),
      ...buildCards(f.job, f.derived, m).map(buildSheet),
      concreteSheet(f),
    ],
  }
}
