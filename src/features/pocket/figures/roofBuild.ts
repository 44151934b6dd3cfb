import { length } from '../fields'
import { area, box, ground, line, measure, type Point, type Scene, text } from '../scene/shapes'

/** What `headroom` and `steepest-pitch` ask alike. */
export const ROOF_FIELDS = {
  startIn: length('high end above the floor', 130),
  sheetIn: length('sheet', 0.75),
  battenIn: length('batten', 1.5),
  rafterIn: length('rafter', 5.5),
  beamIn: length('beam', 9.25),
  runIn: length('level run', 144),
}

interface Build {
  readonly startIn: number
  readonly sheetIn: number
  readonly battenIn: number
  readonly rafterIn: number
  readonly beamIn: number
  readonly runIn: number
}

/** A roof that falls to the right from where it tucks under something, on a beam on a post. */
export function lowRoof(
  { startIn, sheetIn, battenIn, rafterIn, beamIn, runIn }: Build,
  pitchPer12: number,
  texts: { readonly start: string; readonly clear: string; readonly run: string; readonly fall: string },
): Scene {
  const rise = pitchPer12 / 12
  const plumb = Math.hypot(1, rise)
  const layer = (fromIn: number, thickIn: number): readonly Point[] => {
    const [top, low] = [startIn - fromIn * plumb, startIn - (fromIn + thickIn) * plumb]
    return [
      [0, top],
      [runIn, top - rise * runIn],
      [runIn, low - rise * runIn],
      [0, low],
    ]
  }
  const underIn = startIn - (sheetIn + battenIn + rafterIn) * plumb - rise * runIn
  return [
    ground(-runIn * 0.1, runIn * 1.1, startIn * 0.04),
    box('dark', [-Math.max(4, runIn * 0.04), 0], [0, startIn * 1.08]),
    box('wood', [runIn - 5.5, 0], [runIn, underIn - beamIn]),
    box('pale', [runIn - 5.5, underIn - beamIn], [runIn, underIn]),
    area('wood', ...layer(sheetIn + battenIn, rafterIn)),
    ...(battenIn > 0 ? [area('pale', ...layer(sheetIn, battenIn))] : []),
    ...(sheetIn > 0 ? [area('steel', ...layer(0, sheetIn))] : []),
    line('edge', [0, startIn], [runIn, startIn - rise * runIn]),
    measure([0, startIn], [runIn, startIn - rise * runIn], texts.fall, 8),
    measure([runIn * 0.12, 0], [runIn * 0.12, startIn - rise * runIn * 0.12], texts.start, -1),
    measure([runIn - 5.5, 0], [runIn - 5.5, underIn - beamIn], ['clear', texts.clear], 12),
    measure([0, -startIn * 0.04], [runIn, -startIn * 0.04], texts.run, -12),
  ]
}

/** What lies over the post, sheet down to beam, as large as there is room; each with its thickness. */
export function stackOver(build: Build, written: (lengthIn: number) => string): Scene {
  const layers = [
    ['sheet', build.sheetIn, 'steel'],
    ['batten', build.battenIn, 'pale'],
    ['rafter', build.rafterIn, 'wood'],
    ['beam', build.beamIn, 'pale'],
  ] as const
  const highIn = layers.reduce((sum, [, thickIn]) => sum + thickIn, 0)
  let topIn = 0
  return layers
    .filter(([, thickIn]) => thickIn > 0)
    .flatMap(([name, thickIn, tone]): Scene => {
      topIn -= thickIn
      return [
        box(tone, [0, topIn], [highIn * 1.6, topIn + thickIn]),
        text([highIn * 1.6, topIn + thickIn / 2], `${name} ${written(thickIn)}`, {
          anchor: 'start',
          strong: true,
          offPx: [10, 5],
          stepPx: 17,
        }),
      ]
    })
}
