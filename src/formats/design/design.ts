import { relianceWords, summaryOf, traceOf } from '../words/checks'
import { type Derived, jobSticks } from '@/core/derive'
import { type FieldState, foldBare, piecesAsBuilt } from '@/core/field'
import { priceBook } from '@/core/quantities'
import { addUnder } from '@/core/result'
import { isOfPost, type Stick, type Sticks, STICK_KINDS, stickMarks } from '@/core/sticks'
import { HALF_MARK_IN } from '@/core/units'
import { hookedMarks } from '@/core/layout'
import { markedEdgeIn } from '@/core/marks'
import { type Job, SIDES } from '@/core/model'
import { z } from 'zod'

const DESIGN_FORMAT = 'burdock-design'
const DESIGN_VERSION = 3

const point = z.object({ x: z.number(), y: z.number() })
const trace = z.object({
  label: z.string(),
  formula: z.string(),
  numbers: z.string(),
  value: z.number().nullable(),
  unit: z.string(),
  clause: z.string(),
  verify: z.string().optional(),
})

const vector = z.tuple([z.number(), z.number(), z.number()])
const end = z.object({
  cut: z.enum(['square', 'plumb', 'level', 'bevel']),
  on: z.string().nullable().describe('What carries it; null where it is meant to be free'),
  backIn: z.number().describe('Short side behind the long one across the depth; positive: the upper edge is long'),
  backAcrossIn: z.number().describe('The same across the thickness; positive: the far face is long'),
})
const fastener = z.object({ by: z.string() }).loose()
/** Every piece of the building as it will be made. */
const stick = z.object({
  id: z.string(),
  name: z.string(),
  kind: z.enum(STICK_KINDS),
  part: z.string(),
  side: z.string().nullable(),
  row: z.string().nullable(),
  of: z.string().nullable().describe('The post, truss, beam or row whose piece it is'),
  board: z.object({
    widthIn: z.number(),
    depthIn: z.number(),
    plies: z.number(),
    size: z.string().nullable(),
    label: z.string(),
    lumber: z.string(),
    treated: z.boolean(),
    weightPlf: z.number(),
  }),
  cutLengthIn: z.number().describe('Tip to tip'),
  buyLengthIn: z.number().nullable().describe('Stock length; null where none is long enough, or none is bought'),
  weightLb: z.number(),
  at: z
    .object({ from: vector, to: vector, up: vector })
    .describe('Middle of the piece, and the direction of its depth'),
  ends: z.tuple([end, end]),
  cuts: z.array(
    z.object({
      kind: z.string(),
      fromIn: z.number(),
      toIn: z.number(),
      edge: z.enum(['upper', 'lower', 'near', 'far']),
      depthIn: z.tuple([z.number(), z.number()]),
    }),
  ),
  marks: z.array(
    z.object({
      meets: z.string().describe('The stick that meets it, or the post, truss, row or beam that it meets'),
      kind: z.string(),
      atIn: z.number().describe('Along it from its first end; on a post from its foot, of girts the top of the board'),
      face: z
        .enum(['upper', 'lower', 'near', 'far', 'end'])
        .nullable()
        .describe('The face that it is met on; null where no stick meets it'),
      crayon: z.string().nullable().describe('Crayon of the mark on a post; null on other sticks'),
    }),
  ),
  joins: z.array(
    z.object({
      kind: z.string(),
      to: z.string(),
      atIn: z.number(),
      upIn: z.number().nullable().describe('Height above the grade line at which a post is marked; null elsewhere'),
      fastener,
      count: z.number(),
    }),
  ),
  state: z.enum(['planned', 'cut', 'set', 'fixed', 'checked']),
  lockedFrom: z.string().nullable().describe('When it was cut: from then on its length is locked'),
})

/**
 * Everything the core derives from one job, as one document: lengths in inches, forces in pounds. Kept: every number
 * shown anywhere. Lost: nothing typed (the job is inside).
 */
export const designSchema = z
  .object({
    format: z.literal(DESIGN_FORMAT),
    version: z.literal(DESIGN_VERSION),
    job: z.record(z.string(), z.unknown()),
    grid: z.object({
      lengthIn: z.number(),
      widthIn: z.number(),
      centresIn: z.array(z.number()),
      baysIn: z.array(z.number()),
      gableIn: z.array(z.number()),
      pinnedIn: z.array(z.number()),
    }),
    posts: z.array(
      z
        .object({
          id: z.string(),
          name: z.string(),
          string: z.string(),
          kind: z.string(),
          side: z.string(),
          x: z.number(),
          y: z.number(),
          heightIn: z.number(),
          seatUpIn: z.number(),
          topUpIn: z.number(),
          embedIn: z.number(),
          holeIn: z.number(),
          holeDiameterIn: z.number(),
          seatIn: z.number(),
          totalIn: z.number(),
          stockIn: z.number().nullable(),
        })
        .loose(),
    ),
    omitted: z.array(z.object({ id: z.string(), name: z.string() }).loose()),
    strings: z.array(
      z.object({
        id: z.string(),
        label: z.string(),
        lengthIn: z.number(),
        hook: z.string(),
        marks: z.array(
          z.object({ name: z.string(), atIn: z.number(), fromHookIn: z.number(), shownIn: z.number() }).loose(),
        ),
      }),
    ),
    diagonals: z.array(z.object({ name: z.string(), of: z.string(), lengthIn: z.number(), from: point, to: point })),
    triangle: z.object({ k: z.number(), alongIn: z.number(), acrossIn: z.number(), diagonalIn: z.number() }).nullable(),
    batterBoards: z.array(z.object({ string: z.string(), at: point, across: z.string() })),
    square: z.record(z.string(), z.unknown()).nullable(),
    walls: z.record(
      z.string(),
      z
        .object({
          name: z.string(),
          rows: z.array(z.object({ id: z.string(), topIn: z.number() }).loose()),
          pieces: z.array(z.object({ row: z.string(), fromIn: z.number(), toIn: z.number(), lengthIn: z.number() })),
        })
        .loose(),
    ),
    storyPoles: z.record(
      z.string(),
      z.array(z.object({ name: z.string(), upIn: z.number(), downIn: z.number() }).loose()),
    ),
    rods: z.record(z.string(), z.unknown()),
    loads: z.record(z.string(), z.unknown()).nullable(),
    demands: z.record(z.string(), z.unknown()).nullable(),
    holes: z.array(
      z.object({ kind: z.string(), diameterIn: z.number(), depthIn: z.number(), embedIn: z.number() }).loose(),
    ),
    trusses: z.array(z.object({ n: z.number(), xIn: z.number(), tributaryIn: z.number(), end: z.boolean() })),
    eaveBeams: z.array(
      z.object({
        id: z.string(),
        kind: z.string(),
        spanIn: z.number(),
        trusses: z.array(z.object({ n: z.number(), atIn: z.number() })),
      }),
    ),
    reactions: z.array(z.record(z.string(), z.unknown())),
    lateral: z.record(z.string(), z.unknown()).nullable(),
    braces: z.array(z.object({ side: z.string(), shearLb: z.number(), bays: z.number(), forceLb: z.number() }).loose()),
    postRatios: z.record(z.string(), z.number().nullable()),
    sticks: z.array(stick),
    overlaps: z.array(z.object({ kind: z.string(), sticks: z.tuple([z.string(), z.string()]) })),
    takeoff: z.record(z.string(), z.unknown()),
    checks: z.array(
      z
        .object({
          id: z.string(),
          title: z.string(),
          state: z.enum(['holds', 'close', 'fails', 'cannot-stand', 'not-checked']),
          demand: z.number(),
          capacity: z.number(),
          unit: z.string(),
          ratio: z.number().nullable(),
          governs: z.string(),
          fix: z.string(),
          trace: z.array(trace),
        })
        .loose(),
    ),
    tally: z.object({
      holds: z.number(),
      close: z.number(),
      fails: z.number(),
      cannotStand: z.number(),
      notChecked: z.number(),
    }),
  })
  .meta({
    title: 'Burdock design',
    description:
      'Everything derived from one job. Lengths in inches, forces in pounds, wind at strength level unless said.',
  })
export type Design = z.infer<typeof designSchema>

/** Numbers that are not finite have no place in JSON: they become null. */
const plain = (value: unknown): unknown =>
  JSON.parse(JSON.stringify(value, (_k, x: unknown) => (typeof x === 'number' && !Number.isFinite(x) ? null : x)))

/** The crayon of a height on a post: that of the mark which its pole has there. */
function crayonOf(job: Job, { poles }: Derived, post: string | null, upIn: number): string | null {
  const mark = poles[post ?? '']?.find((each) => Math.abs(each.upIn - upIn) < HALF_MARK_IN)
  return mark ? (job.fieldwork.crayons[mark.kind] ?? null) : null
}

/** How much lower a board is marked on a post than its top, inches, where the crew marks the bottom of boards. */
const markedDownIn = ({ building, fieldwork }: Job, { kind, place }: Stick): number => {
  const side = SIDES.find((each) => each === place.side)
  return kind === 'girt' && side ? markedEdgeIn(building, fieldwork.boardEdge, side) : 0
}

/** Sticks with their marks and joins, and how far each has come on site. */
function sticksIn(job: Job, derived: Derived, made: Sticks, field: FieldState) {
  const prices = priceBook(job.sizing.prices)
  const built = new Map(piecesAsBuilt(made.sticks, field, prices).pieces.map((piece) => [piece.stick.id, piece]))
  const marks = stickMarks(made)
  const downIn = new Map(made.sticks.map((stick) => [stick.id, markedDownIn(job, stick)]))
  const joins = new Map<string, Sticks['joins'][number][]>()
  for (const join of made.joins) addUnder(joins, join.stick, join)
  // What holds the plies of one post or beam to each other stands with the first of them.
  for (const { id, of } of made.sticks) {
    const whole = of === null || of === id ? undefined : joins.get(of)
    if (!whole) continue
    joins.set(id, [...(joins.get(id) ?? []), ...whole])
    joins.delete(of ?? '')
  }
  return made.sticks.map(({ place, outline: _outline, ...stick }) => ({
    ...stick,
    part: place.part,
    side: place.side,
    row: place.row,
    marks: (marks.get(stick.id) ?? []).map((mark) => ({
      ...mark,
      crayon: isOfPost(stick)
        ? crayonOf(job, derived, stick.of, stick.at.from[2] + mark.atIn - (downIn.get(mark.meets) ?? 0))
        : null,
    })),
    joins: (joins.get(stick.id) ?? []).map(({ stick: _stick, ...join }) => join),
    state: built.get(stick.id)?.state ?? 'planned',
    lockedFrom: built.get(stick.id)?.cut?.at ?? field.cuts[stick.of ?? '']?.at ?? null,
  }))
}

/** Writes the design document of a derived job; with what was said on site, where that is given. */
export function designOf(job: Job, derived: Derived, field: FieldState = foldBare([])): Design {
  const sticks = jobSticks(job, derived)
  const hooked = derived.strings.map((stringLine) => {
    const run = hookedMarks(stringLine, job.strings.hook, job.strings.hookPost)
    return {
      id: stringLine.id,
      label: stringLine.label,
      lengthIn: stringLine.lengthIn,
      hook: run.note,
      marks: run.marks,
    }
  })
  return plain({
    format: DESIGN_FORMAT,
    version: DESIGN_VERSION,
    job,
    grid: derived.grid,
    posts: derived.posts.map((post, i) => ({ ...post, ...derived.schedule[i] })),
    omitted: derived.omitted,
    strings: hooked,
    diagonals: derived.diagonals,
    triangle: derived.triangle,
    batterBoards: derived.batterBoards,
    square: derived.square.ok ? derived.square.value : null,
    walls: derived.walls,
    storyPoles: derived.poles,
    rods: derived.rods,
    loads: derived.site
      ? {
          snow: derived.site.snow,
          eaveSnowPlf: derived.site.eaveSnowPlf,
          wind: derived.site.wind,
          claddingQhPsf: derived.site.claddingQhPsf,
          edgeZoneFt: derived.site.edgeZoneFt,
          soil: derived.site.soil,
          enclosure: derived.site.enclosure,
          dead: derived.site.dead,
          roofCladding: derived.site.roofCladding,
          leanTos: derived.site.leanTos,
        }
      : null,
    demands: derived.demands,
    trusses: derived.trusses.trusses.map(({ number, ...truss }) => ({ n: number, ...truss })),
    eaveBeams: derived.trusses.beams.map((beam) => ({
      id: beam.id,
      kind: beam.kind,
      spanIn: beam.spanIn,
      trusses: beam.trusses.map((truss) => ({ n: truss.truss.number, atIn: truss.atIn })),
    })),
    reactions: derived.reactions,
    lateral: derived.lateral && {
      relied: derived.lateral.relied,
      why: relianceWords(derived.lateral),
      row: derived.lateral.row,
      cases: derived.lateral.cases,
      kneeLb: derived.lateral.kneeLb,
      alongLb: derived.lateral.alongLb,
    },
    braces: derived.braces,
    postRatios: derived.postRatios,
    holes: derived.holes,
    sticks: sticksIn(job, derived, sticks, field),
    overlaps: sticks.overlaps,
    takeoff: derived.takeoff,
    checks: derived.checks.map((check) => ({
      ...summaryOf(check, derived.wallNames),
      trace: traceOf(check, derived.wallNames),
      diagram: check.diagram?.() ?? null,
    })),
    tally: derived.tally,
  }) as Design
}
