import { about } from '@/core/units'
import { line, sig } from '@/core/result'
import type { lamination } from '@/core/rules/post/lamination'
import type { CheckOf, CheckWords } from '../checkWords'

/** A limit of this or more stands for none. */
const NO_LIMIT = 90

export const words: CheckWords<CheckOf<typeof lamination>> = {
  title: () => 'Nails that laminate the posts',
  governs: ({ facts: { plan, broken } }) => {
    const kept = broken.length
      ? `broken: ${broken.map((rule) => rule.rule).join(', ')}`
      : 'every rule of NDS 15.3.3 is kept'
    return `${plan.total} nails, ${plan.columns} columns at ${about(plan.spacingIn, 'inches')}; ${kept}.`
  },
  remedy: () =>
    'Nails long enough to reach three quarters of the last ply, spaced within the rules. Until then the plies count ' +
    'apart.',
  place: ({ facts }) => facts.broken[0]?.rule ?? 'every rule kept',
  trace: ({ facts }) =>
    facts.plan.rules.map((rule) =>
      line({
        label: rule.rule,
        formula: rule.most > NO_LIMIT ? `${sig(rule.least)} at least` : `${sig(rule.least)} to ${sig(rule.most)}`,
        numbers: sig(rule.has),
        value: rule.has,
        unit: rule.unit,
        clause: 'NDS 2018 15.3.3.1',
      }),
    ),
}
