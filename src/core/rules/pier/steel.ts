import { cannot, judged } from '../check'
import { mostOf, type PierCase } from './case'

/** Yield strength of reinforcing bars of grade 60, psi, and the share of it that counts in tension (ACI 318-19 21.2). */
const YIELD_PSI = 60000
const PHI = 0.9

/** Area of one bar by its number, eighths of an inch, in². */
const barIn2 = (number: number): number => (Math.PI / 4) * (number / 8) ** 2

/**
 * Steel of a pier that is pulled, lb at strength level: 1.0W − 0.9D at its bracket against 0.9·As·fy; plain concrete
 * counts for nothing in tension (ACI 318-19 14.1.4, 22.4.3). Not checked where no bars are entered. Null where nothing
 * pulls.
 */
export function steel({ pier, posts }: PierCase) {
  const { post, strengthUpLb } = mostOf(posts, (each) => each.strengthUpLb)
  if (strengthUpLb <= 0) return null
  const { bars, bar } = pier
  const name = {
    member: 'pier',
    rule: 'steel',
    place: '',
    id: 'pier-steel',
    stage: 'holes',
    subjects: [post.id],
  } as const
  const areaIn2 = bars * barIn2(bar)
  const facts = { post, demandLb: strengthUpLb, bars, bar, areaIn2, yieldPsi: YIELD_PSI }
  if (bars === 0) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'ground',
    demand: strengthUpLb,
    capacity: PHI * areaIn2 * YIELD_PSI,
    unit: 'lb',
    combination: '0.9D+1.0W',
    facts,
  })
}
