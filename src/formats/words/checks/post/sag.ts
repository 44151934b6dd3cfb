import { about } from '@/core/units'
import { line, sig } from '@/core/result'
import type { sag } from '@/core/rules/post/sag'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

export const words: CheckWords<CheckOf<typeof sag>> = {
  title: ({ key }) => `${kindName(key.place)}: sag under wind`,
  governs: ({ facts }) =>
    `Cladding wind bends ${facts.post.name} ${about(facts.sagIn, 'inches')}; its height over ${facts.over} is allowed.`,
  remedy: () => 'A deeper section.',
  place: () => 'at mid-height',
  trace: ({ facts }) => {
    const stiffness = `${sig(facts.ePsi)} × ${sig(facts.iIn4)}`
    return [
      line({
        label: 'Sag under 0.42·p',
        formula: facts.pier ? '5·w·H⁴/(384·E·I)' : 'w·H⁴/(185·E·I)',
        numbers: facts.pier
          ? `5 × ${sig(facts.lbPerIn)} × ${sig(facts.lengthIn)}⁴/(384 × ${stiffness})`
          : `${sig(facts.lbPerIn)} × ${sig(facts.heightIn)}⁴/(185 × ${stiffness})`,
        value: facts.sagIn,
        unit: 'in',
        clause: 'IBC 2021 Table 1604.3 note f',
      }),
    ]
  },
}
