import { suppliers } from '@/core/pocket/suppliers'
import { dollars } from '@/core/units'
import { box, type Scene, text } from '../scene/shapes'
import { sheet } from '../sheet'

/** Bars one over the other, the longest as long as there is room. */
function bars(rows: readonly (readonly [label: string, value: number, words: string, picked: boolean])[]): Scene {
  const most = Math.max(...rows.map(([, value]) => value), 1e-6)
  const thick = most * 0.08
  return rows.flatMap(([label, value, words, picked], k): Scene => {
    const topIn = -k * thick * 2.2
    return [
      box(picked ? 'picked' : 'pale', [0, topIn - thick], [value, topIn]),
      text([0, topIn], label, { anchor: 'start', offPx: [0, -4] }),
      text([value, topIn - thick / 2], words, { anchor: 'start', strong: picked, offPx: [6, 5] }),
    ]
  })
}

export default sheet({
  figure: suppliers,
  fields: {
    need: { kind: 'counts', label: 'what is needed', sample: { '2×6×12': 40, 'bag, 60 lb': 60 } },
    suppliers: {
      kind: 'prices',
      label: 'who has it, and for how much',
      sample: [
        { name: 'yard', fee: 90, prices: { '2×6×12': 11.4, 'bag, 60 lb': 6.2 } },
        { name: 'mill', fee: 60, prices: { '2×6×12': 9.1 } },
        { name: 'pit', fee: 45, prices: { 'bag, 60 lb': 5.4 } },
      ],
    },
  },
  outs: ({ found: { best, single, split } }) => [
    best === 'single' && single
      ? { label: `all from ${single.name}`, text: dollars(single.total) }
      : { label: 'split', text: dollars(split.total) },
    ...(best === 'split' && single ? [{ label: `all from ${single.name}`, text: dollars(single.total) }] : []),
    {
      label: 'buy from',
      text: best === 'single' && single ? single.name : [...new Set(Object.values(split.by))].join(', '),
    },
  ],
  stands: ({ found: { single, split, best } }) =>
    bars([
      ['split, with fees', split.total, dollars(split.total), best === 'split'],
      ...(single ? [[`all from ${single.name}`, single.total, dollars(single.total), best === 'single'] as const] : []),
    ]),
  liesTitle: 'Each item from where it is cheapest, split',
  lies: ({ given, found: { split } }) =>
    bars(
      Object.entries(split.by).map(([item, name]) => {
        const price = given.suppliers.find((each) => each.name === name)?.prices[item] ?? 0
        const sum = price * (given.need[item] ?? 0)
        return [`${item} from ${name}`, sum, dollars(sum), true] as const
      }),
    ),
})
