import { matured } from '@/core/pocket/matured'
import { counted, upTo } from '@/core/units'
import { box, line, measure, type Scene, text } from '../scene/shapes'
import { type Caution, sheet } from '../sheet'

/** No concrete sets under this, and it sets by the hour at the other. */
const [NONE_F, WHOLE_F] = [14, 65]
const FROST_F = 32
const FROST_SAFE_H = 24

export default sheet({
  figure: matured,
  fields: {
    tempsF: {
      kind: 'hours',
      label: 'temperature of each hour since the pour, °F',
      sample: '60×6 48×6 36×8 31×4 45×12',
    },
  },
  outs: ({ given, found }) => [
    { label: `hours at ${WHOLE_F} °F, of ${counted(given.tempsF.length, 'hour')}`, text: upTo(found.maturedH, 1) },
    { label: 'hours of frost before it was safe', text: String(found.frozenHours) },
  ],
  stands: ({ given: { tempsF } }): Scene => {
    const count = Math.max(1, tempsF.length)
    const highF = Math.max(WHOLE_F, ...tempsF) - NONE_F
    const each = (highF * 2.4) / count
    const at = (tempF: number) => tempF - NONE_F
    return [
      box('plain', [0, 0], [each * count, highF]),
      ...tempsF.map((tempF, k) =>
        box(tempF <= FROST_F ? 'steel' : 'concrete', [each * k, 0], [each * (k + 1), Math.max(0, at(tempF))]),
      ),
      line('chalk', [0, at(FROST_F)], [each * count, at(FROST_F)]),
      text([0, at(FROST_F)], `${FROST_F} °F`, { anchor: 'end', offPx: [-6, 5] }),
      line('ghost', [0, at(WHOLE_F)], [each * count, at(WHOLE_F)]),
      text([0, at(WHOLE_F)], `${WHOLE_F} °F`, { anchor: 'end', offPx: [-6, 5] }),
      text([0, 0], 'poured', { anchor: 'start', offPx: [0, 16] }),
      text([each * count, 0], `${count} h`, { anchor: 'end', strong: true, offPx: [0, 16] }),
    ]
  },
  liesTitle: 'Hours that count, beside hours by the clock',
  lies: ({ given: { tempsF }, found }) => {
    const mostH = Math.max(tempsF.length, found.maturedH, FROST_SAFE_H)
    const thick = mostH * 0.06
    return [
      box('pale', [0, 0], [tempsF.length, thick]),
      box('concrete', [0, -thick * 1.6], [found.maturedH, -thick * 0.6]),
      line('keel', [FROST_SAFE_H, -thick * 2], [FROST_SAFE_H, thick * 1.4]),
      measure([0, thick], [tempsF.length, thick], ['clock', counted(tempsF.length, 'hour')], 10),
      measure([0, -thick * 1.6], [found.maturedH, -thick * 1.6], ['counts', upTo(found.maturedH, 1)], -10),
      text([FROST_SAFE_H, thick * 1.4], `frost can hurt it until ${FROST_SAFE_H}`, { offPx: [0, -24] }),
    ]
  },
  cautions: ({ found }): readonly Caution[] =>
    found.frozenHours > 0
      ? [
          {
            title: `It froze for ${counted(found.frozenHours, 'hour')} while it was green`,
            lines: ['Nothing is called cured here. Sound it, and ask who designed it before anything is set on it.'],
          },
        ]
      : [
          {
            title: 'Hours are not strength',
            lines: ['Age in warm hours says when to look, not when to load: the supplier and the designer say that.'],
          },
        ],
})
