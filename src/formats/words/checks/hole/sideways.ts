import { freeDepthTrace, slabDepthTrace } from '@/core/ground'
import type { LateralCase } from '@/core/frame'
import { line, sig, type TraceLine } from '@/core/result'
import type { sideways, SidewaysFacts } from '@/core/rules/hole/sideways'
import { formatLength, IN_PER_FT } from '@/core/units'
import { actionNumbers } from '../actions'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'
import { relianceWords } from '../reliance'

type Depth = Extract<SidewaysFacts, { kind: 'depth' }>

const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`
const feetWords = (depthFt: number | null, otherwise: string): string =>
  depthFt === null ? otherwise : formatLength(depthFt * IN_PER_FT)

function governs(facts: SidewaysFacts): string {
  if (facts.kind === 'unknown')
    return facts.turnsOnBracket
      ? 'A post that turns on its bracket cannot stand without a roof diaphragm or knee braces.'
      : `The wind on these posts is not computed. ${relianceWords(facts.lateral)}`
  const { need, post, hasFt } = facts
  return (
    `${capital(need.actions.name)} on ${post.name} asks for ${feetWords(need.slopedFt, 'over 30 ft')} in the ground, ` +
    `${need.constrained ? 'held at grade by the slab' : 'not held at grade'}; it has ${formatLength(hasFt * IN_PER_FT)}.`
  )
}

function remedy(facts: SidewaysFacts): string {
  if (facts.kind === 'unknown')
    return 'Rely on a checked roof diaphragm, add knee braces, or take these to an engineer.'
  const { need } = facts
  if (need.constrained) return 'Go deeper, or fill the hole with concrete.'
  const withSlab = formatLength(need.depthSlabFt * IN_PER_FT)
  return `Go deeper, or tie a slab to the posts. A tied slab at grade would cut it to ${withSlab}.`
}

/** How far the top moves, and what that rests on. */
function moveLine({ moveIn }: LateralCase, relied: Depth['relied']): TraceLine {
  const head = { label: 'Movement of its top', value: moveIn, unit: 'in' }
  if (moveIn === 0) return line({ ...head, formula: 'held by the roof', numbers: '0', value: 0, clause: relied })
  const checked = relied === 'roof checked'
  return line({
    ...head,
    formula: checked ? 'K·D = R, all frames and the roof solved together' : 'R/k of its frame',
    numbers: sig(moveIn),
    clause: 'statics',
    ...(checked ? { verify: 'C18' } : {}),
  })
}

/** The load on the post and what it brings to the ground. */
const loadLines = ({ need, relied, windTrace }: Depth): readonly TraceLine[] => [
  ...windTrace,
  line({
    label: `Wind on the post, ${need.actions.name}`,
    formula: '0.6·p × width',
    numbers: `${sig(need.actions.windPsf)} × ${sig(need.actions.widthFt)}`,
    value: need.actions.plf,
    unit: 'plf',
    clause: 'ASCE 7-16 2.4.1 (5)',
  }),
  moveLine(need.actions, relied),
  line({
    label: 'Shear at grade',
    formula: 'held post × w + k·Δ',
    numbers: actionNumbers(need.actions, 'shearLb'),
    value: need.load.shearLb,
    unit: 'lb',
    clause: 'statics',
  }),
  line({
    label: 'Moment at grade',
    formula: 'held post × w + k·H·Δ',
    numbers: actionNumbers(need.actions, 'momentFtLb'),
    value: need.load.momentFtLb,
    unit: 'ft-lb',
    clause: 'statics',
    verify: 'C17',
  }),
]

/** The width on the soil with its numbers: a pier's, less where its neighbor's soil begins; a post's face. */
function widthNumbers(widthIn: number, pierIn: number | null): string {
  if (pierIn === null) return `1.414 × ${sig(widthIn / 1.414)}/12`
  return widthIn < pierIn ? `min(${sig(pierIn)}, ${sig(widthIn)})/12` : `${sig(pierIn)}/12`
}

/** What the soil gives and over what width. */
const soilLines = ({ need, soil, doubled, pier, diameterIn }: Depth): readonly TraceLine[] => [
  line({
    label: 'Lateral soil value',
    formula: doubled ? "S'·2" : "S'",
    numbers: `${sig(soil.lateralPsfPerFt)}${doubled ? ' × 2' : ''}`,
    value: need.load.lateralPsfPerFt,
    unit: 'psf/ft',
    clause: `${soil.source}${doubled ? '; IBC 2021 1806.3.4' : ''}`,
  }),
  line({
    label: 'Width on the soil',
    formula: pier ? 'b = pier' : 'b = 1.414·face',
    numbers: widthNumbers(need.load.bFt * IN_PER_FT, pier ? diameterIn : null),
    value: need.load.bFt,
    unit: 'ft',
    clause: 'IBC 2021 1807.3.2.1',
    verify: 'C20',
  }),
]

/** The depth that comes out of it, on level and on falling ground. */
const depthLines = ({ need, slopePer12 }: Depth): readonly TraceLine[] => [
  ...(need.depthFreeFt === null ? [] : freeDepthTrace(need.load, need.depthFreeFt)),
  ...slabDepthTrace(need.load, need.depthSlabFt),
  ...(need.neededFt === null
    ? []
    : [
        line({
          label: `Depth taken, ${need.constrained ? '' : 'not '}held at grade`,
          formula: 'the deeper of the two',
          numbers: sig(need.neededFt),
          value: need.neededFt,
          unit: 'ft',
          clause: 'IBC 2021 1807.3.2',
        }),
      ]),
  ...(slopePer12 > 0 && need.neededFt !== null && need.slopedFt !== null
    ? [
        line({
          label: 'On falling ground',
          formula: 'd/(1 − slope)',
          numbers: `${sig(need.neededFt)}/(1 − ${sig(slopePer12)}/12)`,
          value: need.slopedFt,
          unit: 'ft',
          clause: 'lowest ground within the depth',
        }),
      ]
    : []),
]

export const words: CheckWords<CheckOf<typeof sideways>> = {
  title: ({ key }) => `${kindName(key.place)}: sideways in the ground`,
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) => remedy(facts),
  place: () => 'at grade',
  trace: ({ facts }) =>
    facts.kind === 'unknown' ? [] : [...loadLines(facts), ...soilLines(facts), ...depthLines(facts)],
}
