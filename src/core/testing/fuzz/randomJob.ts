import { isEave, needsJambs, stringRectangle } from '../../layout'
import {
  LUMBERS,
  type Building,
  type Job,
  type LeanTo,
  type Opening,
  OPENING_KINDS,
  SIDES,
  type Side,
} from '../../model'
import { planJob } from '../../derive'
import { barnJob } from '../barn'
import { type Chance, chanceOf } from './chance'
import { drawFieldsOf, type Manner, MILD, WILD } from './draw'

const OWN_GRADE = {
  id: 'own-f',
  name: 'Stamped',
  source: 'stamp',
  fbPsi: 1500,
  ftPsi: 900,
  fvPsi: 160,
  fcPerpPsi: 500,
  fcPsi: 1500,
  ePsi: 1.5e6,
  eMinPsi: 0.55e6,
  g: 0.45,
}

/** Narrowest and widest bays that a draw asks for, inches. */
const [LEAST_BAY_IN, MOST_BAY_IN] = [36, 240]
const SHORT_BAY_IN = 110

/** A building that stands, to draw mild ones from: stiff skin, deep posts that are nailed to act together. */
const STURDY: Job = (() => {
  const job = barnJob()
  const { building } = job
  return {
    ...job,
    building: {
      ...building,
      diaphragm: 'checked',
      post: { ...building.post, section: '3-2x8', lumber: 'SP-No.1' },
      joints: { ...building.joints, lamination: { ...building.joints.lamination, edgeIn: 1.625 } },
      skin: {
        ...building.skin,
        roofStiffnessLbPerIn: 9000,
        roofAllowPlf: 140,
        wallStiffnessLbPerIn: 9000,
        wallAllowPlf: 190,
        pullOverLb: 240,
      },
      gableMaxIn: 96,
    },
  }
})()

/** Bays of every mode that fit the length. */
function bays(building: Building, chance: Chance, widestIn: number): Building['bays'] {
  const runIn = stringRectangle(building).lengthIn - (building.baysFrom === 'centres' ? 4.5 : 0)
  const most = Math.max(1, Math.min(60, Math.floor(runIn / LEAST_BAY_IN)))
  const least = Math.min(most, Math.max(1, Math.ceil(runIn / widestIn)))
  const mode = chance.of(['count', 'max', 'hand'] as const)
  if (mode === 'count') return { mode, count: chance.whole(least, most) }
  if (mode === 'max') return { mode, maxIn: chance.between(Math.max(LEAST_BAY_IN, runIn / 60), widestIn) }
  const count = chance.whole(least, most)
  const weights = Array.from({ length: count }, () => chance.between(0.7, 1.3))
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return { mode, spacingsIn: weights.map((weight) => (weight / total) * runIn) }
}

const CORNERS = { south: ['SW', 'SE'], north: ['NW', 'NE'], west: ['SW', 'NW'], east: ['SE', 'NE'] } as const

/** An opening that mostly fits the wall by itself; whether it fits its neighbors is left to the layout. */
function opening(building: Building, index: number, chance: Chance): Opening | null {
  const kind = chance.of(OPENING_KINDS)
  const side = chance.of(SIDES)
  const { lengthIn, widthIn } = stringRectangle(building)
  const roomIn = (isEave(side) ? lengthIn : widthIn) - 48
  const mostIn = Math.min(roomIn, needsJambs(kind) ? 240 : 72)
  if (mostIn < 24 || building.heelIn < 72) return null
  const wide = chance.between(24, mostIn)
  const sillIn = kind === 'window' ? chance.between(0, building.heelIn / 2) : 0
  const heightIn = chance.between(12, building.heelIn - sillIn)
  return {
    id: `op-${index}`,
    kind,
    name: '',
    side,
    corner: chance.of(CORNERS[side]),
    positionIn: 24 + chance.share() * (roomIn - wide),
    widthIn: wide,
    heightIn,
    sillIn,
    weightLb: chance.happens(0.5) ? null : chance.between(1, 5000),
  }
}

/** A lean-to that ends high enough to walk under. */
function leanTo(building: Building, side: 'south' | 'north', chance: Chance): LeanTo | null {
  const dropIn = chance.happens(0.3) ? 0 : chance.between(0, Math.min(120, building.heelIn - 84))
  const roomIn = building.heelIn - dropIn - 74
  if (roomIn < 4 || dropIn < 0) return null
  const depthIn = chance.between(48, 360)
  const steepest = Math.min(12, (roomIn / depthIn) * 12)
  if (steepest < 0.25) return null
  const lumber = () => chance.of(LUMBERS)
  const size = () => chance.of(['2x4', '2x6', '2x8', '2x10', '2x12'] as const)
  return {
    side,
    depthIn,
    pitchPer12: chance.between(0.25, steepest),
    dropIn,
    rafter: {
      plies: chance.whole(1, 3),
      size: size(),
      lumber: lumber(),
      spaceIn: chance.happens(0.5) ? null : chance.between(12, 144),
    },
    ledger: { plies: chance.whole(1, 4), size: size(), lumber: lumber() },
    beam: { plies: chance.whole(1, 4), size: size(), lumber: lumber() },
    seatIn: chance.between(1.5, 12),
  }
}

const SIDE_SETS: readonly (readonly Side[])[] = [[], [], [], ['south'], ['east'], ['south', 'west'], [...SIDES]]

/** What is laid out together, drawn so that most of it fits. */
function laidOut(job: Job, chance: Chance, manner: Manner): Job {
  const often = manner === WILD ? 1 : 0.25
  const drawn = job.building
  const building: Building = {
    ...drawn,
    grades: [OWN_GRADE],
    openings: [],
    leanTos: [],
    bridged: [],
    gableShiftsIn: {},
    posts: [],
    givenUp: [],
    openSides: chance.happens(often) ? [...chance.of(SIDE_SETS)] : [],
    skirt: { ...drawn.skirt, topIn: Math.min(drawn.skirt.topIn, drawn.heelIn - 24) },
    girts: { ...drawn.girts, walls: {} },
    lengthIn: chance.happens(0.8) ? chance.between(192, manner === WILD ? 1440 : 900) : drawn.lengthIn,
    widthIn: chance.happens(0.8) ? chance.between(144, manner === WILD ? 1000 : 480) : drawn.widthIn,
  }
  if (chance.happens(0.1 * often)) building.post = { ...building.post, lumber: OWN_GRADE.id }
  building.bays = bays(building, chance, manner === WILD ? MOST_BAY_IN : SHORT_BAY_IN)
  building.leanTos = (['south', 'north'] as const).flatMap((side) =>
    chance.happens(0.3 * often) ? (leanTo(building, side, chance) ?? []) : [],
  )
  const { walls: _none, plies: _plies, run: _run, meetOpenings: _meet, ...ofWall } = building.girts
  if (chance.happens(0.2)) building.girts = { ...building.girts, walls: { [chance.of(SIDES)]: ofWall } }
  const shut = { ...job, building }
  return withOpenings(shut, chance)
}

/** Openings are added one by one; one that contradicts what stands is mostly left out. */
function withOpenings(job: Job, chance: Chance): Job {
  let kept = job
  for (let index = chance.whole(0, 4); index > 0; index--) {
    const next = opening(kept.building, index, chance)
    if (!next) continue
    const tried = { ...kept, building: { ...kept.building, openings: [...kept.building.openings, next] } }
    if (planJob(tried).ok || chance.happens(0.1)) kept = tried
  }
  return withPostLeftOut(kept, chance)
}

/** Now and then an eave post is left out, over which a header carries. */
function withPostLeftOut(job: Job, chance: Chance): Job {
  if (!chance.happens(0.25)) return job
  const plan = planJob(job)
  if (!plan.ok) return job
  const inner = plan.value.posts.filter(({ kind }) => kind === 'eave')
  if (inner.length === 0) return job
  const left = { ...job, building: { ...job.building, bridged: [chance.of(inner).id] } }
  return planJob(left).ok ? left : job
}

/** A job drawn by lot over the whole range of its fields; the same seed gives the same job. */
export function randomJob(seed: number): Job {
  const chance = chanceOf(seed * 7919 + 1)
  const manner = seed % 2 === 0 ? WILD : MILD
  const drawn = drawFieldsOf(manner === WILD ? barnJob() : STURDY, chance, manner)
  return laidOut({ ...drawn, name: `Drawn by lot ${seed}` }, chance, manner)
}
