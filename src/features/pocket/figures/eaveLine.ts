import { eaveLine } from '@/core/pocket/eaveLine'
import { length, lengths } from '../fields'
import { box, line, mark, measure, type Scene, text } from '../scene/shapes'
import { type Caution, sheet } from '../sheet'

/** Offsets are drawn so much larger than they are: a half inch in forty feet is not seen. */
const LARGER = 24
const SPACE_IN = 96

export default sheet({
  figure: eaveLine,
  fields: {
    standoffIn: length('string stands off', 1.5),
    readingsIn: lengths('string to the eave, in order', 'place', [1.5, 2, 2.25, 2, 1.25]),
    actIn: length('act on more than', 0.25),
  },
  outs: ({ found: { firstIndex, act, offsIn }, length: written }) => [
    {
      label: firstIndex < 0 ? 'nothing to act on' : `first: place ${firstIndex + 1}`,
      text: firstIndex < 0 ? written(0) : written(offsIn[firstIndex] ?? 0),
    },
    { label: 'places to act on', text: String(act.filter(Boolean).length) },
  ],
  stands: ({ found: { offsIn, act, firstIndex }, given }): Scene => {
    const lastIn = Math.max(1, offsIn.length - 1) * SPACE_IN
    const places = offsIn.map((offIn, k) => [k * SPACE_IN, -offIn * LARGER] as const)
    return [
      line('chalk', [0, given.standoffIn * LARGER], [lastIn, given.standoffIn * LARGER]),
      line('ghost', [0, 0], [lastIn, 0]),
      ...(places.length > 1 ? [line('edge', ...places)] : []),
      ...places.map((place, k) =>
        box(act[k] ? 'dark' : 'wood', [place[0] - 6, place[1] - 12], [place[0] + 6, place[1]]),
      ),
      ...places.flatMap((place, k): Scene => (k === firstIndex ? [mark(place, 18)] : [])),
      text([0, given.standoffIn * LARGER], `string; offsets drawn ${LARGER} times`, {
        anchor: 'start',
        offPx: [0, -6],
      }),
    ]
  },
  liesTitle: 'Each place; dark is acted on, + is away from the string',
  lies: ({ found: { offsIn, act }, length: written, given }): Scene => {
    const reachIn = Math.max(given.actIn, ...offsIn.map(Math.abs), 1 / 16)
    return [
      line('ink', [0, 0], [Math.max(1, offsIn.length) * reachIn, 0]),
      ...offsIn.flatMap((offIn, k): Scene => [
        box(act[k] ? 'dark' : 'wood', [(k + 0.2) * reachIn, 0], [(k + 0.8) * reachIn, offIn]),
        text([(k + 0.5) * reachIn, Math.max(offIn, 0)], `${offIn > 0 ? '+' : ''}${written(offIn)}`, {
          strong: act[k] ?? false,
          offPx: [0, -6],
        }),
      ]),
      measure([0, 0], [0, given.actIn], ['act over', written(given.actIn)], 10),
    ]
  },
  cautions: ({ found }): readonly Caution[] =>
    found.firstIndex < 0
      ? []
      : [{ title: 'Read the largest twice', lines: ['Nobody climbs or pulls for a reading that was taken once.'] }],
})
