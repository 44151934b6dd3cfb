import { rafter } from '@/core/pocket/rafter'
import { radians, upTo } from '@/core/units'
import { choice, length, number } from '../fields'
import { area, box, line, measure, onWay, type Point, type Scene, text } from '../scene/shapes'
import { type Caution, sheet, type Worked } from '../sheet'

type Given = Parameters<typeof rafter.solve>[0]
type Found = Extract<ReturnType<typeof rafter.solve>, { ok: true }>['value']

/** The rafter's outline with its zero on the top edge over the beam's outer face, the roof falling to the right. */
function outline({ given, found }: Worked<Given, Found>): readonly Point[] {
  const rise = given.pitchPer12 / 12
  const plumbIn = given.depthIn / Math.cos(radians(found.angleDeg))
  const topAt = (xIn: number): Point => [xIn, -rise * xIn]
  const lowAt = (xIn: number): Point => [xIn, -rise * xIn - plumbIn]
  const [startIn, tailIn] = [given.ledgerIn - given.runIn, given.tailIn]
  const seat: readonly Point[] = [
    [-given.seatIn, -rise * -given.seatIn - plumbIn],
    [0, -rise * -given.seatIn - plumbIn],
    lowAt(0),
  ]
  const tail: readonly Point[] =
    given.tailCut === 'plumb'
      ? [lowAt(tailIn), topAt(tailIn)]
      : [squareFoot(topAt(tailIn), rise, given.depthIn), topAt(tailIn)]
  return [topAt(startIn), lowAt(startIn), ...seat, ...tail]
}

/** Where a square cut from a place of the top edge meets the lower one. */
function squareFoot([x, y]: Point, rise: number, depthIn: number): Point {
  const long = Math.hypot(1, rise)
  return [x - (rise / long) * depthIn, y - depthIn / long]
}

/** The outline laid level: the top edge along the bench. */
function lying(worked: Worked<Given, Found>): Scene {
  const { given, found, say } = worked
  const angle = radians(found.angleDeg)
  const points = outline(worked)
  const [startX, startY] = points[0] ?? [0, 0]
  const flat = points.map(([x, y]): Point => {
    const [dx, dy] = [x - startX, y - startY]
    return [dx * Math.cos(angle) - dy * Math.sin(angle), dx * Math.sin(angle) + dy * Math.cos(angle)]
  })
  return [
    area('wood', ...flat),
    line('edge', [0, 0], [found.totalIn, 0]),
    measure([0, 0], [found.totalIn, 0], say('totalIn'), 34),
    measure([0, 0], [found.bodyIn, 0], ['body', say('bodyIn')], 12),
    ...(given.tailIn > 0 ? [measure([found.bodyIn, 0], [found.totalIn, 0], say('tailLengthIn'), 12)] : []),
    line(
      'ghost',
      [found.bodyIn, 0],
      onWay([found.bodyIn, 0], [found.bodyIn - Math.tan(angle), -1], given.depthIn * 1.2),
    ),
    text(
      [found.bodyIn, -given.depthIn],
      `notch ${say('notchIn')} deep, seat ${worked.length(given.seatIn)}, heel ${say('heelIn')}`,
      {
        anchor: 'end',
        strong: true,
        offPx: [0, 22],
      },
    ),
  ]
}

export default sheet({
  figure: rafter,
  fields: {
    runIn: length('wall to outer face of beam', 145.5),
    ledgerIn: length('ledger', 1.5),
    pitchPer12: number('rise', 3, 'in 12'),
    depthIn: length('depth of rafter', 7.25),
    seatIn: length('level seat', 3),
    tailIn: length('tail, level', 12),
    tailCut: choice('tail cut', 'plumb', [
      ['plumb', 'plumb'],
      ['square', 'square'],
    ]),
  },
  outs: ({ given, found, say }) => [
    { label: 'along the top edge', text: say('totalIn') },
    { label: 'body', text: say('bodyIn') },
    { label: 'notch', text: say('notchIn') },
    { label: 'plumb cuts off square', text: say('angleDeg') },
    ...(given.seatIn > 0 ? [{ label: 'notch takes of the depth', text: `${upTo(found.notchShare * 100, 1)} %` }] : []),
  ],
  stands: (worked) => {
    const { given, found, length: written, say } = worked
    const rise = given.pitchPer12 / 12
    const points = outline(worked)
    const startIn = given.ledgerIn - given.runIn
    const plumbIn = given.depthIn / Math.cos(radians(found.angleDeg))
    const topIn = -rise * startIn
    const seatIn = rise * given.seatIn - plumbIn
    return [
      box(
        'dark',
        [startIn - given.ledgerIn - 6, topIn - plumbIn * 2.2],
        [startIn - given.ledgerIn, topIn + plumbIn * 0.4],
      ),
      box('pale', [startIn - given.ledgerIn, topIn - plumbIn], [startIn, topIn]),
      box('pale', [-given.seatIn, seatIn - 9.25], [0, seatIn]),
      area('wood', ...points),
      line('edge', [startIn, topIn], [given.tailIn, -rise * given.tailIn]),
      measure([startIn, topIn], [given.tailIn, -rise * given.tailIn], say('totalIn'), 8),
      measure([startIn - given.ledgerIn, seatIn - 9.25], [0, seatIn - 9.25], written(given.runIn), -12),
      ...(given.tailIn > 0
        ? [measure([0, seatIn - 9.25], [given.tailIn, seatIn - 9.25], written(given.tailIn), -12)]
        : []),
    ]
  },
  liesTitle: 'On the bench, top edge up',
  lies: lying,
  cautions: ({ found, say }): readonly Caution[] =>
    found.notchHolds
      ? []
      : [
          {
            title: `The notch takes ${upTo(found.notchShare * 100, 0)} % of the depth`,
            lines: [
              `A quarter is the most that a notch over a bearing may take. It is ${say('notchIn')} deep: make the ` +
                'seat shorter, or hang the rafter.',
            ],
          },
        ],
})
