import { inWords } from '../testing/inWords'
import bench from '../../../scripts/bench/barn-60x200.json'
import { parseJob } from '../files'
import { type Building, type Job } from '../model'
import { evaluate } from '../testing/arithmetic'
import { barnJob, opening } from '../testing/barn'
import { demo } from '../testing/demos'
import { deriveJob } from '.'

// Every line of arithmetic must come out to the number beside it: an engineer who follows it by hand gets what is
// shown.
const checksOf = (job: Job) => {
  const result = deriveJob(job)
  if (!result.ok) throw new Error(JSON.stringify(result.issues))
  return inWords(result.value).checks
}
const barn = () => {
  const result = parseJob(bench)
  if (!result.ok) throw new Error('bench')
  return result.value
}
const building = barnJob().building
const [roof, joints, bracing, post] = [building.roof, building.joints, building.bracing, building.post]
const rated = { ...joints, rafterTieLb: 1200, purlinTieLb: 900 }
const skin = {
  ...building.skin,
  roofStiffnessLbPerIn: 8000,
  roofAllowPlf: 110,
  wallStiffnessLbPerIn: 9000,
  wallAllowPlf: 120,
  pullOverLb: 240,
}
const leanTo = {
  side: 'south',
  depthIn: 144,
  pitchPer12: 2,
  dropIn: 18,
  rafter: { plies: 1, size: '2x10', lumber: 'SP-No.1', spaceIn: null },
  ledger: { plies: 2, size: '2x10', lumber: 'SP-No.1' },
  beam: { plies: 2, size: '2x10', lumber: 'SP-No.1' },
  seatIn: 3.5,
} as const
const doors = [
  opening({ id: 'op-d', kind: 'overhead', positionIn: 330, widthIn: 144, heightIn: 132, sillIn: 0 }),
  opening({ id: 'op-w', positionIn: 130 }),
]
const change =
  (partial: Partial<Building>, site: Partial<Job['site']> = {}) =>
  () =>
    barnJob(partial, site)

const JOBS: readonly (readonly [string, () => Job])[] = [
  ['Quillback', () => demo('quillback').job],
  ['Marl Road', () => demo('marl').job],
  ['Tansy Hollow', () => demo('tansy').job],
  ['60 × 200 with lean-tos', barn],
  [
    'frames alone, knee braces',
    change({
      diaphragm: 'none',
      knee: { downIn: 48, outIn: 48, size: '2x6', lumber: 'SP-No.2', plies: 2, trussDesigned: true },
      post: { ...post, section: '4-2x8' },
      joints: rated,
    }),
  ],
  [
    'soil springs, checked roof, tied slab',
    change({
      base: { model: 'springs', soilPsiPerFt: 60 },
      diaphragm: 'checked',
      skin,
      slab: 'tied',
      bracing: { ...bracing, swayOver: 120 },
    }),
  ],
  [
    'close trusses on carriers of one face, seated on the face',
    change({
      roof: {
        ...roof,
        truss: { ...roof.truss, set: 'carriers', seat: 'face' },
        carrier: { ...roof.carrier, sides: 'one', plies: 3 },
      },
      joints: rated,
    }),
  ],
  [
    'trusses notched, with blocks, reactions typed',
    change({
      roof: {
        ...roof,
        truss: { ...roof.truss, seat: 'notch', blockNails: 8, reaction: { gravityLb: 6400, upliftLb: 2100 } },
      },
    }),
  ],
  [
    'doors, spliced posts, EP559, nails pair by pair',
    change({
      openings: doors,
      post: { ...post, section: '3-2x8', ep559: true, splice: { fromIn: 24, toIn: 96, efficiency: null } },
      joints: { ...rated, lamination: { ...joints.lamination, through: false, interfacePlf: 400 } },
    }),
  ],
  [
    'pads with cleats on falling ground',
    change({ school: 'pad', cleat: { widthIn: 6, lengthIn: 24 } }, { groundSlopePer12: 2, doubleLateral: false }),
  ],
  [
    'piers, solid posts, girts between',
    change({
      school: 'pier',
      post: { ...post, section: '6x6' },
      girts: { ...building.girts, style: 'between' },
      diaphragm: 'trusted',
    }),
  ],
  [
    'glue-laminated, an own grade, both girt styles',
    change({
      post: { ...post, section: 'glulam', lumber: 'own-g' },
      girts: { ...building.girts, style: 'both', plies: 2, run: 'one-bay' },
      grades: [
        {
          id: 'own-g',
          name: 'G',
          source: 'report',
          fbPsi: 2100,
          ftPsi: 1100,
          fvPsi: 230,
          fcPerpPsi: 560,
          fcPsi: 1700,
          ePsi: 1700000,
          eMinPsi: 900000,
          g: 0.5,
        },
      ],
    }),
  ],
  ['straps', change({ bracing: { ...bracing, walls: 'straps', strapLb: 2400 } })],
  ['single braces', change({ bracing: { ...bracing, walls: 'single-boards' } })],
  [
    'X braces, smooth nails',
    change({
      bracing: { ...bracing, walls: 'x-boards', nail: '16d-common' },
      joints: { ...rated, girt: { nail: '20d-common', count: 6 } },
    }),
  ],
  [
    'purlins between, lapped and on the flat side',
    change({
      roof: { ...roof, purlins: { ...roof.purlins, style: 'between', run: 'two-span', skinHolds: false } },
      joints: rated,
      skin,
    }),
  ],
  [
    'flat purlins, plaster, stamped lumber',
    change({
      roof: {
        ...roof,
        ceiling: 'plaster',
        purlins: { ...roof.purlins, style: 'flat', run: 'lapped', lumber: 'SPF-2100f-1.8E', spaceIn: 18 },
      },
      joints: rated,
      skin,
    }),
  ],
  [
    'open to the south, a lean-to of boards from a ledger',
    change({
      openSides: ['south'],
      leanTos: [{ ...leanTo, rafter: { ...leanTo.rafter, spaceIn: 24 } }],
      joints: rated,
    }),
  ],
  [
    'lean-to on the posts, partially enclosed, much snow',
    change(
      { leanTos: [leanTo], joints: rated },
      { enclosure: 'partially', groundSnowPsf: 70, thermal: 'heated', slipperyRoof: false },
    ),
  ],
  [
    'open on all sides',
    change(
      {
        openSides: ['south', 'east', 'north', 'west'],
        skin: { ...skin, openRoofCn: 2 },
        diaphragm: 'none',
        knee: { downIn: 36, outIn: 36, size: '2x6', lumber: 'SP-No.2', plies: 1, trussDesigned: false },
      },
      { enclosure: 'open' },
    ),
  ],
  ['little snow, gentle pitch', change({ pitchPer12: 2 }, { groundSnowPsf: 10, exposure: 'B', risk: 'I' })],
]

test.each(JOBS)(
  '%s: the arithmetic shown gives the value shown, and every check says its combination and place',
  (_, job) => {
    const wrong: string[] = []
    let lines = 0
    for (const check of checksOf(job())) {
      if (check.state !== 'not-checked' && !(check.combination && check.place))
        wrong.push(`${check.id}: combination ${check.combination}, place ${check.place}`)
      for (const line of check.trace()) {
        lines++
        const v = evaluate(line.numbers)
        // Factors are shown to four figures; what is made of several differs by a little more.
        if (v === null || Math.abs(v - line.value) > 0.004 * Math.abs(line.value) + 1e-6)
          wrong.push(
            `${check.id} | ${line.label} | ${line.formula} | ${line.numbers} | ${line.value} ${line.unit} | ${v}`,
          )
      }
    }
    expect(wrong).toEqual([])
    expect(lines).toBeGreaterThan(100)
  },
)

test.each<[string, number | null]>([
  ['2 × 3 + 4/2', 8],
  ['1.414 × 5.5/12', 0.64808],
  ['√(1+4.36 × 2)', 3.11769],
  ['(8)^⅓', 2],
  ['2 × 3²', 18],
  ['−3 + 1', -2],
  ['max(42, 12, 29.23)', 42],
  ['3.5 × sin(30°)', 1.75],
  ['2.01 × (15/900)^(2/9.5)', 0.84888],
  ['', null],
  ['on 54 ft²', null],
  ['2 ×', null],
  ['typed', null],
  ['1/0', null],
])('%s is %s', (text, value) => {
  const v = evaluate(text)
  if (value === null) expect(v).toBeNull()
  else expect(v).toBeCloseTo(value, 4)
})
