import * as z from 'zod/mini'
import { fewestRows, fitSquare, movesToRectangle } from '../layout'
import { anySign, answer, positive, zeroOrMore } from '../pocket/fields'
import { notAscending } from '../pocket/compare'
import { fail, item, ok } from '../result'
import { formatLength, parseLength } from '../units'
import { formula, orElse, value } from './formula'

const side = (what: string) => positive(`${what}, inches`)
const point = z.tuple([z.number(), z.number()])
/** Corners A, B, C, D anticlockwise are the south-west, the south-east, the north-east and the north-west. */
const CORNERS = ['SW', 'SE', 'NE', 'NW'] as const
const four = z.tuple([point, point, point, point])

const fitQuad = formula({
  name: 'layout.fit_quad',
  clause: 'least squares',
  formula: 'corners for which the squares of measured less computed lengths add up to least',
  input: z.strictObject({
    AB: side('From A to B'),
    BC: side('From B to C'),
    CD: side('From C to D'),
    DA: side('From D to A'),
    AC: side('From A to C'),
    BD: side('From B to D'),
  }),
  output: z.object({
    corners_in: z.array(point),
    residuals_in: z.array(answer('Measured less computed: AB, BC, CD, DA, AC, BD')),
    rms_in: answer('Root of their mean square'),
  }),
  solve: ({ AB, BC, CD, DA, AC, BD }) => {
    const measures = { southIn: AB, eastIn: BC, northIn: CD, westIn: DA, risingIn: AC, fallingIn: BD }
    const fit = fitSquare(measures, (AB + CD) / 2, (BC + DA) / 2, 'hold-south')
    if (!fit.ok) return fail('triangle-cannot-close', ['AC'])
    const { corners, residuals } = fit.value
    const { southIn = 0, eastIn = 0, northIn = 0, westIn = 0, risingIn = 0, fallingIn = 0 } = residuals
    const left = [southIn, eastIn, northIn, westIn, risingIn, fallingIn]
    return ok({
      corners_in: CORNERS.map((name): [number, number] => [corners[name].x, corners[name].y]),
      residuals_in: left,
      rms_in: Math.sqrt(left.reduce((sum, each) => sum + each ** 2, 0) / left.length),
    })
  },
})

const moves = formula({
  name: 'layout.moves_to_rectangle',
  clause: 'least squares',
  formula: 'A and the line to B held, or moves whose squares add up to least',
  input: z.strictObject({
    corners: four,
    length_in: positive('Along AB, inches'),
    width_in: positive('Along BC, inches'),
    hold: z._default(z.enum(['A', 'best']), 'best'),
  }),
  output: z.object({
    moves_in: z.array(point),
    distance_in: z.array(answer('How far each corner goes')),
    worst: answer('The farthest'),
  }),
  solve: ({ corners, length_in, width_in, hold }) => {
    const [SW, SE, NE, NW] = corners.map(([x, y]) => ({ x, y })) as [Point, Point, Point, Point]
    const made = movesToRectangle(
      { SW, SE, NE, NW },
      { lengthIn: length_in, widthIn: width_in, mode: hold === 'A' ? 'hold-south' : 'least-move' },
    )
    const distances = made.map(({ dxIn, dyIn }) => Math.hypot(dxIn, dyIn))
    return ok({
      moves_in: made.map(({ dxIn, dyIn }): [number, number] => [dxIn, dyIn]),
      distance_in: distances,
      worst: Math.max(...distances),
    })
  },
})
interface Point {
  readonly x: number
  readonly y: number
}

const rows = formula({
  name: 'spacing.girt_rows',
  clause: 'search',
  formula:
    'fewest rows with both ends and every required height, none under or over the gaps, none within what is forbidden',
  input: z.strictObject({
    bottom: anySign('Lowest row, inches'),
    top: anySign('Highest row, inches'),
    required: z._default(z.array(z.number()), []),
    max_gap: positive('Widest gap, inches'),
    min_gap: orElse(zeroOrMore('Least gap, inches'), 0),
    forbidden: z._default(z.array(point), []),
  }),
  output: z.object({
    possible: z.boolean(),
    rows: z.nullable(z.number()),
    rows_in: z.nullable(z.array(answer('Heights, inches'))),
  }),
  solve: (given) => {
    if (given.top <= given.bottom) return fail('too-small', ['top'], { minimum: given.bottom, exclusive: 1 })
    if (given.min_gap > given.max_gap) return fail('too-large', ['min_gap'], { maximum: given.max_gap })
    if ((given.top - given.bottom) / given.max_gap > MOST_ROWS)
      return fail('too-small', ['max_gap'], { minimum: (given.top - given.bottom) / MOST_ROWS })
    const outside = given.required.findIndex((atIn) => atIn < given.bottom || atIn > given.top)
    if (outside >= 0) {
      const isLow = item(given.required, outside) < given.bottom
      return isLow
        ? fail('too-small', ['required', outside], { minimum: given.bottom })
        : fail('too-large', ['required', outside], { maximum: given.top })
    }
    const backward = given.forbidden.findIndex((ends) => notAscending(ends) !== null)
    if (backward >= 0) return fail('not-ascending', ['forbidden', backward])
    const found = fewestRows(given.bottom, given.top, {
      requiredIn: given.required,
      maxGapIn: given.max_gap,
      minGapIn: given.min_gap,
      forbidden: given.forbidden,
    })
    return ok({ possible: found !== null, rows: found?.length ?? null, rows_in: found && [...found] })
  },
})
const MOST_ROWS = 10_000

const parse = formula({
  name: 'length.parse',
  clause: 'how lengths are written',
  formula: `12' 6 5/8", 12-6-10, 150 5/8, 12.5' or 3.2 m; a bare number is inches`,
  input: z.strictObject({ text: z.string().check(z.maxLength(200)) }),
  output: value('Inches'),
  solve: ({ text }) => {
    const found = parseLength(text)
    return found.ok
      ? ok({ value: found.value })
      : { ok: false, issues: found.issues.map((each) => ({ ...each, path: ['text', ...each.path] })) }
  },
})

const format = formula({
  name: 'length.format',
  clause: 'how lengths are written',
  formula: 'to the nearest sixteenth; inches alone under a foot',
  input: z.strictObject({ inches: anySign('Inches') }),
  output: z.object({ text: z.string() }),
  solve: ({ inches }) => {
    const feet = Math.abs(Math.round(inches * 16)) >= 12 * 16
    return ok({ text: formatLength(inches, { ascii: true, feet }) })
  },
})

/** Squaring, rows, and lengths as they are written. */
export const LAYOUT = [fitQuad, moves, rows, parse, format] as const
