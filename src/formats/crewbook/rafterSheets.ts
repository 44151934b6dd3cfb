import { flashingGap, leanToPurlinPlaces, rafterNumbers, type Stick } from '@/core/sticks'
import { pitchRadians, quantity, upTo } from '@/core/units'
import { inches, mark, table } from './paper'
import { deg, type SheetsOf, stock } from './sheetsOf'
import { svgLine, svgOf, svgRect, svgText } from './svg'
import type { Block, Sheet } from './types'

/** Sticks that are cut alike, under the first of them. */
function alike(sticks: readonly Stick[]): readonly (readonly [Stick, number])[] {
  const groups = new Map<string, [Stick, number]>()
  for (const stick of sticks) {
    const key = mark(stick.cutLengthIn)
    const has = groups.get(key)
    if (has) has[1]++
    else groups.set(key, [stick, 1])
  }
  return [...groups.values()]
}

/** The bird's mouth at full size, to be traced: 72 points are one inch. */
function templateSvg(seatIn: number, pitchPer12: number): Block {
  const angle = pitchRadians(pitchPer12)
  const [notch, along] = [seatIn * Math.sin(angle), seatIn * Math.cos(angle)]
  const heel = seatIn / Math.cos(angle) - along
  const [x0, base] = [60, 34 + notch * 72]
  const [x1, y1] = [x0 + along * 72, base - notch * 72]
  const x2 = x1 + heel * 72
  const width = Math.min(519, x2 + 80)
  const high = base + 40
  return {
    kind: 'svg',
    svg: svgOf(width, high, [
      `<path d="M10 ${base}L${x0} ${base}L${x1} ${y1}L${x2} ${base}L${width - 10} ${base}" fill="none" stroke="#000" stroke-width="2.2"/>`,
      svgLine({ x1: x0, y1: base, x2, y2: base, kind: 'fine' }),
      svgText((x0 + x1) / 2 - 8, (base + y1) / 2 - 8, `seat ${inches(seatIn)}`, {
        size: 11,
        bold: true,
        anchor: 'middle',
      }),
      svgText(x2 + 6, y1 + 12, `plumb ${inches(seatIn * Math.tan(angle))}`, { size: 11, bold: true }),
      svgText(10, base + 16, 'lower edge of the rafter, wall to the left', { size: 9 }),
      svgRect({ x: 10, y: base + 24, wide: 2 * 72, high: 6, fill: '#000', width: 0.5 }),
      svgText(10 + 2 * 72 + 8, base + 31, 'two inches at 100%: check with a tape', { size: 8 }),
    ]),
    width,
    height: high,
    alt: `bird's mouth at full size, seat ${inches(seatIn)}`,
    paperOnly: true,
  }
}

/** Rafters of each lean-to: lengths along the top edge, the seat along the lower one, template, hangers, purlin rows. */
export function rafterSheets({ job, derived, sticks, structure }: SheetsOf): Sheet[] {
  return structure.leanTos.map((roof): Sheet => {
    const { leanTo, part, rafters } = roof
    const own = sticks.sticks.filter(({ kind, place }) => kind === 'rafter' && place.part === part)
    const [first] = own
    const kinds = alike(own)
    const rows = leanToPurlinPlaces(roof)
    const gap = flashingGap(roof)
    const at = rafters.find(({ post }) => post !== null) ?? rafters[Math.floor(rafters.length / 2)]
    const numbers = rafterNumbers(roof, at)
    const hung = rafters.filter(({ hangs }) => hangs !== null).length
    return {
      title: `${derived.wallNames[leanTo.side].replace(' wall', '')} lean-to: rafters`,
      sub:
        `${rafters.length} of ${leanTo.rafter.plies} × ${leanTo.rafter.size.replace('x', '×')} ${leanTo.rafter.lumber}, ` +
        `crown up; hook at the upper end${first ? `; cut from ${stock(first)}` : ''}`,
      blocks: [
        table(
          ['along the top edge', ''],
          [
            ['wall to the outer face of what it rests on', mark(numbers.bodyIn)],
            ['tail', mark(numbers.tailIn)],
            ['in all', mark(numbers.edgeIn)],
          ],
          [1],
          [1],
        ),
        table(
          ['along the lower edge, from the upper end', ''],
          [
            ['seat starts', mark(numbers.seatStartsIn)],
            ['plumb cut of the mouth', mark(numbers.heelCutIn)],
            ['tail ends', mark(numbers.edgeIn)],
            ['seat, deep', `${inches(numbers.seatIn)}, ${inches(numbers.notchIn)}`],
            ['both ends plumb', `${deg(numbers.angleDeg)} off square: ${upTo(leanTo.pitchPer12, 2)} on 12`],
          ],
          [1],
          [1],
        ),
        { kind: 'text', strong: true, text: 'Bird’s mouth at full size', paperOnly: true },
        templateSvg(numbers.seatIn, leanTo.pitchPer12),
        ...(kinds.length > 1
          ? [
              table(
                ['rafters cut otherwise', 'pieces', 'tip to tip'],
                kinds.map(([stick, count]) => [stick.name, String(count), mark(stick.cutLengthIn)]),
                [1, 2],
                [2],
              ),
            ]
          : []),
        {
          kind: 'text',
          text:
            hung > 0
              ? `${hung} hangers sloped ${deg(numbers.angleDeg)} down; left and right ends alike, since the roof runs square to the wall.`
              : 'At the posts each rafter stands between two cleats, bolted through the post and nailed to it.',
        },
        ...(rows.length > 0
          ? [
              {
                kind: 'text' as const,
                strong: true,
                text: 'Purlin rows, hook at the edge of the tails, low edge of each',
              },
              { kind: 'text' as const, text: rows.map((placeIn, i) => `P${i + 1} ${mark(placeIn)}`).join('    ') },
              {
                kind: 'text' as const,
                text:
                  `The top row stays ${inches(gap.clearIn)} off the posts of the wall, so that the flashing can be screwed: ` +
                  `its leg is ${inches(gap.legIn)} or more.`,
              },
            ]
          : []),
        ...(job.building.joints.rafterTieLb === null
          ? []
          : [
              {
                kind: 'text' as const,
                text: `A tie rated for ${quantity(job.building.joints.rafterTieLb, 'lb')} at every seat.`,
              },
            ]),
      ],
    }
  })
}
