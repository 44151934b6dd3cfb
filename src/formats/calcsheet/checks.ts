import type { Derived } from '@/core/derive'
import { shownRatio, sig, type TraceLine, written } from '@/core/result'
import { type Check, worstFirst } from '@/core/rules'
import type { Block, Sheet } from '../crewbook'
import { table } from '../crewbook/paper'
import { plain } from '../plain'
import { KIND } from '../words'
import { summaryOf, traceOf } from '../words/checks'
import { arithmetic, siteLines } from './loads'
import { heading, text } from './paper'

const STATE: Readonly<Record<Check['state'], string>> = {
  holds: 'holds',
  close: 'close',
  fails: 'FAILS',
  'cannot-stand': 'CANNOT STAND',
  'not-checked': 'not checked',
}

type Member = Check['key']['member']

/**
 * The load path from the skin to the ground: what stands together, and which members that is. A post and the hole that
 * it stands in are one step for each kind of post.
 */
const PATH: readonly { readonly title: string; readonly members: readonly Member[] }[] = [
  { title: 'Skin, girts and skirt', members: ['girt', 'skirt'] },
  { title: 'Purlins', members: ['purlin'] },
  { title: 'Trusses', members: ['truss'] },
  { title: 'Carriers and headers', members: ['beam'] },
  { title: 'Lean-tos', members: ['leanToPurlin', 'rafter', 'ledger', 'leanToBeam'] },
  { title: 'Roof diaphragm', members: ['diaphragm'] },
  { title: 'Walls in their own plane', members: ['wall', 'brace', 'knee'] },
]
const POST_MEMBERS: readonly Member[] = ['post', 'hole']

/** A check in words with its arithmetic. */
type Worded = ReturnType<typeof worded>[number]
function worded({ checks, wallNames, site }: Derived) {
  const same = (line: TraceLine) => `${line.label}|${written(line)}|${line.value}`
  const shown = new Set(site ? siteLines(site).map(same) : [])
  return checks.map((check) => ({
    ...summaryOf(check, wallNames),
    trace: check.state === 'not-checked' ? [] : traceOf(check, wallNames).filter((line) => !shown.has(same(line))),
  }))
}

interface Step {
  readonly title: string
  readonly checks: readonly Worded[]
}

/** Every check in the order of the load path; what has no place in it stands at the end and is never left out. */
function steps(derived: Derived): Step[] {
  const all = worded(derived)
  const taken = new Set<Worded>()
  const take = (title: string, belongs: (check: Worded) => boolean): Step => {
    const checks = all.filter((check) => !taken.has(check) && belongs(check))
    for (const check of checks) taken.add(check)
    return { title, checks }
  }
  const path = PATH.map(({ title, members }) => take(title, ({ key }) => members.includes(key.member)))
  const kinds = derived.holes.map(({ kind, postIds }) =>
    take(
      `${KIND[kind]} posts and their holes (${postIds.map((id) => derived.names[id] ?? id).join(', ')})`,
      ({ key }) => POST_MEMBERS.includes(key.member) && key.place === kind,
    ),
  )
  return [...path, ...kinds, take('The whole', () => true)].filter(({ checks }) => checks.length > 0)
}

const ratioOf = ({ ratio }: Worded): string => (ratio === null ? '' : shownRatio(ratio))

const ratioLine = ({ demand, capacity, unit, ratio }: Worded): Block[] =>
  ratio === null
    ? []
    : [text(`Demand ${amount(demand, unit)} over capacity ${amount(capacity, unit)}: ratio ${shownRatio(ratio)}.`)]

const amount = (value: number, unit: string): string => (unit ? `${sig(value)} ${unit}` : sig(value))

function finding({ state, governs, combination, place }: Worded): string {
  if (state === 'not-checked') return governs
  return `${governs} Under ${combination}${place ? `: ${place}` : ''}.`
}

/** One check: what it finds, and every line of it that the loads do not show already. */
function inFull(check: Worded): Block[] {
  const ratio = ratioOf(check)
  return [
    heading(`${check.title}: ${ratio}${ratio ? ', ' : ''}${STATE[check.state]}`),
    text(finding(check)),
    ...(check.trace.length > 0 ? [arithmetic(check.trace)] : []),
    ...ratioLine(check),
  ]
}

/** Every check by the worst, and every check in full in the order of the load path. */
export function checkSheets(derived: Derived): Sheet[] {
  const { tally } = derived
  const sorted = worded(derived).sort(worstFirst)
  const summary: Sheet = {
    title: 'Every check',
    sub:
      `${tally.holds} hold, ${tally.close} close, ${tally.fails} fail` +
      `${tally.cannotStand > 0 ? ` (${tally.cannotStand} of them cannot stand)` : ''}, ` +
      `${tally.notChecked} not checked; the worst first`,
    blocks: [
      table(
        ['check', 'demand', 'capacity', 'ratio', '', 'governed by'],
        sorted.map((check) => [
          plain(check.title),
          check.ratio === null ? '' : `${sig(check.demand)} ${check.unit}`,
          check.ratio === null ? '' : `${sig(check.capacity)} ${check.unit}`,
          ratioOf(check),
          STATE[check.state],
          plain(
            check.ratio === null ? check.governs : `${check.combination ?? ''}${check.place ? `, ${check.place}` : ''}`,
          ),
        ]),
        [1, 2, 3],
      ),
    ],
  }
  const full = steps(derived).map(({ title, checks }): Sheet => ({
    title: plain(title.charAt(0).toUpperCase() + title.slice(1)),
    sub: 'in the order of the load path, line by line; lines that the loads show already are not written again',
    blocks: checks.flatMap(inFull),
  }))
  return [summary, ...full]
}
