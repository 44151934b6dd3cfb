import { deriveJob, type Derived, judgeJob } from '../../derive'
import type { Job } from '../../model'
import type { Check } from '../../rules'
import { inWords } from '../inWords'
import { mirrored, mirroredPlace, type Mirror } from './mirror'

/** Two numbers that should be one agree to this share of themselves. */
const ALIKE = 1e-9
/** Most places named of one kind of fault. */
const NAMED = 4

/** Places in plain data that hold a number which is none. */
function noNumbers(value: unknown, path: string, found: string[], met: Set<object>): void {
  if (found.length >= NAMED) return
  if (typeof value === 'number') {
    if (!Number.isFinite(value)) found.push(`${path} is ${value}`)
    return
  }
  if (typeof value !== 'object' || value === null || met.has(value)) return
  met.add(value)
  for (const [key, each] of Object.entries(value)) noNumbers(each, `${path}.${key}`, found, met)
}

/** Everything derived and written of a building that is no number. */
function notNumbers(derived: Derived): string[] {
  const found: string[] = []
  noNumbers(derived, 'derived', found, new Set())
  for (const check of inWords(derived).checks)
    for (const line of check.trace())
      if (!Number.isFinite(line.value) || /NaN|Infinity|undefined/.test(`${line.numbers}${line.formula}`))
        found.push(`arithmetic of ${check.id}: ${line.label} ${line.numbers} = ${line.value}`)
  return found.slice(0, NAMED)
}

const sameNumber = (one: number, other: number): boolean =>
  Math.abs(one - other) <= ALIKE * Math.max(1, Math.abs(one), Math.abs(other))

/** A check's name in the building, as a mirror shows it: the names of sides are turned. */
const idIn = (id: string, mirror: Mirror): string =>
  id.replaceAll(/south|north|west|east/g, (side) => mirroredPlace(side, mirror))

/** Checks that splices decide: boards begin at the low end of their wall, whatever the building. */
const bySplices = ({ key }: Check, mirror: Mirror): boolean =>
  key.member === 'girt' && (key.place === 'south' || key.place === 'north') === (mirror === 'east-west')

/** Checks that a mirrored building judges otherwise. */
export function mirrorFaults(job: Job, derived: Pick<Derived, 'checks'>, mirror: Mirror): string[] {
  // Trusses on carriers are counted from the west.
  if (mirror === 'east-west' && job.building.roof.truss.set === 'carriers') return []
  const other = judgeJob(mirrored(job, mirror))
  if (!other.ok) return [`${mirror}: the mirrored building is refused: ${other.issues[0]?.code}`]
  const own = new Map(derived.checks.map((check) => [idIn(check.id, mirror), check]))
  const faults: string[] = []
  for (const check of other.value.checks) {
    const before = own.get(check.id)
    if (bySplices(check, mirror)) continue
    if (!before) faults.push(`${mirror}: ${check.id} is only in the mirror`)
    else if (before.state !== check.state || !sameNumber(before.ratio ?? 0, check.ratio ?? 0))
      faults.push(`${mirror}: ${check.id} ${before.state} ${before.ratio} | ${check.state} ${check.ratio}`)
  }
  const counted = (checks: readonly Check[]) => checks.filter((check) => !bySplices(check, mirror)).length
  if (counted(other.value.checks) !== counted(derived.checks)) faults.push(`${mirror}: another count of checks`)
  return faults
}

/** How hard a building is worked: cannot stand is worse than any ratio. */
const worstOf = (derived: Pick<Derived, 'tally' | 'checks'>): readonly [cannot: number, ratio: number] => [
  derived.tally.cannotStand,
  derived.checks.reduce((most, check) => Math.max(most, check.ratio ?? 0), 0),
]

const eased = (before: Pick<Derived, 'tally' | 'checks'>, after: Pick<Derived, 'tally' | 'checks'>): boolean => {
  const [[cannot, ratio], [cannotAfter, ratioAfter]] = [worstOf(before), worstOf(after)]
  if (cannot > 0 !== cannotAfter > 0) return cannot > 0
  return cannot === 0 && ratioAfter < ratio * (1 - ALIKE)
}

/** Wider and deeper than holes are chosen, and than any frost: dug so, no hole is chosen anew where a load or a width changes. */
const FIXED_HOLES = { holeDiameterIn: 48, minimumDepthIn: 126 } as const

const dug = (job: Job, change: Partial<Job['building']> = {}): Job => ({
  ...job,
  building: { ...job.building, ...FIXED_HOLES, ...change },
})

/** Loads that grow and make the worst of a building hold better. */
function loadFaults(job: Job): string[] {
  const fixed = dug(job)
  const base = judgeJob(fixed)
  if (!base.ok) return []
  const { windMph, groundSnowPsf } = job.site
  const heavier: readonly (readonly [string, Partial<Job['site']>])[] = [
    ...(windMph === null ? [] : [['more wind', { windMph: Math.min(220, windMph + 10) }] as const]),
    ...(groundSnowPsf === null ? [] : [['more snow', { groundSnowPsf: Math.min(300, groundSnowPsf + 10) }] as const]),
  ]
  return heavier.flatMap(([what, site]) => {
    const after = judgeJob({ ...fixed, site: { ...fixed.site, ...site } })
    if (!after.ok) return [`${what}: refused`]
    return eased(base.value, after.value)
      ? [`${what}: ${worstOf(base.value).join()} | ${worstOf(after.value).join()}`]
      : []
  })
}

/** Checks of a hole that a deeper or a wider one never makes worse. */
const HOLE_RULES: ReadonlySet<string> = new Set(['sideways', 'uplift', 'frost'])

/** A pad by itself is lifted with its post however deep it lies: its hole holds nothing. */
const isHeldByHole = ({ building }: Job): boolean => building.school !== 'pad' || building.cleat !== null

function holeFaults(job: Job): string[] {
  const base = judgeJob(dug(job))
  if (!base.ok) return []
  const trials = [
    ['deeper', judgeJob(dug(job, { minimumDepthIn: FIXED_HOLES.minimumDepthIn + 6 }))],
    ['wider', judgeJob(dug(job, { holeDiameterIn: FIXED_HOLES.holeDiameterIn + 6 }))],
  ] as const
  return trials.flatMap(([what, trial]) => {
    if (!trial.ok) return []
    return trial.value.checks.flatMap((check) => {
      if (check.key.member !== 'hole' || !HOLE_RULES.has(check.key.rule)) return []
      if (check.key.rule === 'uplift' && !isHeldByHole(job)) return []
      const before = base.value.checks.find(({ id }) => id === check.id)
      if (!before || before.ratio === null || check.ratio === null) return []
      return check.ratio > before.ratio * (1 + ALIKE) ? [`${what}: ${check.id} ${before.ratio} | ${check.ratio}`] : []
    })
  })
}

function nameFaults(derived: Derived): string[] {
  const names = Object.values(derived.names)
  return new Set(names).size === names.length ? [] : ['two posts have one name']
}

/** What a building drawn by lot was found to do. */
export interface Found {
  readonly accepted: boolean
  readonly judged: boolean
  /** Nothing of it cannot stand: its worst is a ratio, which more load must not lower. */
  readonly standing: boolean
  readonly faults: readonly string[]
}

/** Whether a building is accepted, and every property that it breaks. */
export function faultsOf(job: Job): Found {
  try {
    const result = deriveJob(job)
    if (!result.ok)
      return {
        accepted: false,
        judged: false,
        standing: false,
        faults: result.issues.length ? [] : ['refused without a word'],
      }
    const derived = result.value
    const faults = [
      ...notNumbers(derived),
      ...nameFaults(derived),
      ...mirrorFaults(job, derived, 'north-south'),
      ...mirrorFaults(job, derived, 'east-west'),
      ...loadFaults(job),
      ...holeFaults(job),
    ]
    const judged = derived.site !== null
    return { accepted: true, judged, standing: judged && derived.tally.cannotStand === 0, faults }
  } catch (error) {
    return { accepted: true, judged: false, standing: false, faults: [`throws ${String(error)}`] }
  }
}
