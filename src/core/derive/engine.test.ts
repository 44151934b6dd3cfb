import { inWords, type WordedDerived } from '../testing/inWords'
import { relianceWords } from '../../formats/words/checks'
import fc from 'fast-check'
import { deriveJob } from '.'
import type { Building, Job } from '../model'
import { simpleSpan } from '../statics'
import { barnJob, opening } from '../testing/barn'
import { expectNear } from '../testing/near'
import { boardSize } from '../wood'
import { purlinMember } from '../rules/purlin/member'
import { mainPurlinLoads } from '../rules/purlin/loads'
import { birdsMouth } from '../rules/rafter/member'
import { type SpanMember, spanWorst } from '../rules/span/member'

// The reference barn of the hand calculations, worked in the order of its chapters.
const derive = (job: Job): WordedDerived => {
  const result = deriveJob(job)
  if (!result.ok) throw new Error(result.issues[0].code)
  return inWords(result.value)
}
const barn = (change: Partial<Building> = {}, site: Partial<Job['site']> = {}) => derive(barnJob(change, site))
/** Worst strength ratio of a span whose lumber has values. */
const strengthOf = (span: SpanMember) => Number(spanWorst({ ...span, sags: [] }) ?? NaN)
const check = (derived: WordedDerived, id: string) => {
  const check = derived.checks.find((check) => check.id === id)
  if (!check) throw new Error(`no check ${id}; there are ${derived.checks.map((check) => check.id).join(', ')}`)
  return check
}
const post = { ...barnJob().building.post, ep559: true }
const skin = {
  ...barnJob().building.skin,
  roofStiffnessLbPerIn: 3000,
  roofAllowPlf: 110,
  wallStiffnessLbPerIn: 3000,
  wallAllowPlf: 120,
}

describe('held tops, ASCE 7-16 27.3 and statics 9.3 (a)', () => {
  const derived = barn({ slab: 'tied' })
  const windward = derived.lateral?.cases['south-line-5'][0]
  test.each([
    ['w, plf', windward?.plf, 104],
    ['top reaction', windward?.topLb, 545.8],
    ['shear at grade', windward?.shearLb, 909.6],
    ['moment at grade', windward?.momentFtLb, 2547],
    ['in the field', windward?.fieldMomentFtLb, 1433],
  ])('%s', (_n, got, want) => expectNear(got ?? 0, want, 1e-3))
  test('what was relied on is said', () => {
    expect(derived.lateral?.relied).toBe('roof trusted')
    expect(check(derived, 'diaphragm').state).toBe('not-checked')
  })
  test('depth held at grade by the slab: 4.082 ft, IBC 1807.3.2.2', () =>
    expectNear(derived.holes.find((hole) => hole.kind === 'eave')?.lateral?.depthSlabFt ?? 0, 4.082, 1e-3))
})

describe('frames alone, 9.3 (b)', () => {
  const derived = barn({ slab: 'tied', diaphragm: 'none' })
  const windward = derived.lateral?.cases['south-line-5'][0]
  test.each([
    ['eave load of a frame', derived.lateral?.row.loadLb[4], 1088],
    ['sway, in.', windward?.moveIn, 9.84],
    ['moment of the windward post', windward?.momentFtLb, 10160],
    ['post stiffness, lb/in', derived.lateral?.units['south-line-5'].stiffnessLbIn, 55.26],
  ])('%s', (_n, got, want) => expectNear(got ?? 0, want, 1e-3))
  test('a 3-ply 2×6 cannot stand so, 2.1·168/5.5 = 64 being over 50', () =>
    expect(check(derived, 'column-eave')).toMatchObject({ state: 'cannot-stand', why: 'slender' }))
  test('moments of both posts add to the overturning: 18,499 ft-lb a frame', () => {
    const [lateral, lateralCase] = [
      derived.lateral?.cases['south-line-5'][0],
      derived.lateral?.cases['south-line-5'][1],
    ]
    // Windward with the inside sucking, and the far post as it is then: leeward less the same inside pressure.
    const far = (lateralCase?.momentFtLb ?? 0) - (((lateralCase?.plf ?? 0) - 29.62) * 14 ** 2) / 8
    expectNear((lateral?.momentFtLb ?? 0) + far, 10160 + 8339, 2e-3)
  })
})

describe('roof and end walls as springs, 9.4, ASABE EP484', () => {
  const derived = barn({ slab: 'tied', diaphragm: 'checked', skin, post })
  test.each([
    [0, 0.4677],
    [1, 0.7112],
    [2, 0.8838],
    [3, 0.9868],
    [4, 1.021],
  ])('frame %d moves %d in.', (i, want) => expectNear(derived.lateral?.row.moveIn[i] ?? 0, want, 2e-3))
  test('86.62 plf along each slope of the end bay', () => expectNear(check(derived, 'diaphragm').demand, 86.62, 2e-3))
  test('100.2 plf in the end wall', () => expectNear(check(derived, 'wall-shear-west').demand, 100.2, 2e-3))
  test('sway, ASCE 7-16 Appendix C: 1.021 in. of 168, the height over 164, against what the user allows', () => {
    const over = (swayOver: number | null) =>
      barn({ slab: 'tied', diaphragm: 'checked', skin, post, bracing: { ...barnJob().building.bracing, swayOver } })
    expectNear(check(over(120), 'sway').ratio, 1.021 / (168 / 120), 2e-3)
    expect(['holds', 'fails', 'not-checked']).toEqual([
      check(over(120), 'sway').state,
      check(over(240), 'sway').state,
      check(over(null), 'sway').state,
    ])
    expect(check(over(null), 'sway').governs).toMatch(/height over 164/)
    expect(check(barn({}), 'sway').state).toBe('not-checked')
  })
  test('chord 1,740 lb', () => expectNear(check(derived, 'chord').demand, 1740, 1e-3))
  test('base moment of the middle frame 3,337 ft-lb', () =>
    expectNear(derived.lateral?.cases['south-line-5'][0].momentFtLb ?? 0, 3337, 2e-3))
  test('the frame keeps a tenth of its load: its top counts as held', () =>
    expectNear(derived.lateral?.row.frameShare ?? 0, 0.1038, 2e-3))
  test('without the skin’s values the roof is not counted, and Burdock says so', () => {
    const bare = barn({ diaphragm: 'checked' })
    expect(bare.lateral?.relied).toBe('frames alone')
    expect(bare.lateral && relianceWords(bare.lateral)).toMatch(/tested stiffness and strength are not entered/)
  })
  test('what frames and end walls carry is what the wind brings', () => {
    const row = derived.lateral?.row
    expectNear(
      row?.result?.frameLb.reduce((sum, value) => sum + value, 0) ?? 0,
      row?.loadLb.reduce((sum, value) => sum + value, 0) ?? 1,
      1e-9,
    )
  })
})

describe('combined bending and load, NDS 2018 3.9.2, 3-ply 2×6 SP No.2', () => {
  const derived = barn({ slab: 'tied', diaphragm: 'checked', skin, post })
  const otherCheck = check(derived, 'column-eave')
  // By hand, wet at grade. The frame keeps 0.1038 of its load, so 3·0.8962/0.1038 = 25.9 of its own stiffness holds its
  // top: tan α = α − α³/25.9 at 4.104, K 0.7655, Ke 0.8 + 1.3·(0.7655 − 0.6992)/1.3008 = 0.8663; le/d 26.46; Fc* 1792;
  // FcE 0.822·459000/26.46² = 538.8; CP 0.2791; Fc' 500.1; P 4242 lb, fc 171.4; M 0.75·3337 = 2503 ft-lb, fb 1324;
  // girts at 23 in.: RB² 12.85, CL 0.9974: (171.4/500.1)² + 1324/(2160·0.9974·(1 − 0.3181)) = 0.1175 + 0.9013.
  test('D+0.75S+0.75(0.6W) at grade: 1.019', () => {
    expectNear(otherCheck.ratio, 1.0188, 2e-3)
    expect(otherCheck.combination).toBe('D+0.75S+0.75(0.6W)')
    expect(otherCheck.place).toBe('at or below grade')
  })
  test('without EP559 the factor is 1.15 and the post fails', () =>
    expect(check(barn({ slab: 'tied', diaphragm: 'checked', skin }), 'column-eave').state).toBe('fails'))
  test('slenderness past 50 is refused: free top, 2.1·168/5.5 = 64.15', () =>
    expect(check(barn({ diaphragm: 'none', slab: 'tied' }), 'column-eave').facts).toMatchObject({
      kind: 'slender',
      slenderness: expect.closeTo(64.145, 2),
    }))
  test('inside a splice zone 0.42 of the section counts', () => {
    const spliced = barn({
      slab: 'tied',
      diaphragm: 'checked',
      skin,
      post: { ...post, splice: { fromIn: 16, toIn: 60, efficiency: null } },
    })
    expect(check(spliced, 'column-eave').ratio).toBeGreaterThan(otherCheck.ratio ?? NaN)
    expect(check(spliced, 'column-eave').place).toBe('in the splice zone')
  })
})

describe('gable post 16 ft in, 9.5: 19.33 ft tall', () => {
  const derived = barn({ gableMaxIn: 96, slab: 'tied', post: { ...post, section: '3-2x8' } })
  const other = derived.posts.find((post) => post.side === 'west' && Math.abs(post.y - 192) < 1)
  test('its height and cladding wind: 129.3 plf', () => {
    expectNear((other?.heightIn ?? 0) / 12, 19.33, 1e-3)
    expectNear(derived.demands?.[other?.id ?? '']?.claddingPlf ?? 0, 129.3, 2e-3)
  })
  // Nailed in rows 4 1/4 in. apart, over 20 diameters, its plies stand apart: girts at 22.96 in., le 47.31,
  // RB² 47.31·7.25/1.5² = 152.4, FbE 1.2·459000/152.4 = 3614, over 1998 1.809: CL 0.9478.
  test('3-ply 2×8 No.2: 1840/(1998·0.9478) of its bending', () =>
    expectNear(derived.postRatios[other?.id ?? ''], 1840 / (1998 * 0.9478), 1e-3))
})

describe('truss seats, 14.2 and 15.5', () => {
  const derived = barn()
  test('pocket in the centre ply: 582.9 psi of 565, over by 3 %', () => {
    const otherCheck = check(derived, 'truss-seat')
    expectNear(otherCheck.demand, 582.9, 1e-3)
    expectNear(otherCheck.ratio, 582.9 / 565, 1e-3)
  })
  test('a bearing block remedies it', () =>
    expect(
      check(
        barn({ roof: { ...barnJob().building.roof, truss: { ...barnJob().building.roof.truss, blockNails: 12 } } }),
        'truss-seat',
      ).state,
    ).not.toBe('fails'))
  // Heel of 6 in.: one above another they find no place. Side by side 3.75 in. up, 2.25 in. of a full 4.375 under the end of
  // the plies, and 0.4 for two rows in wood that dries: 2·608·1.6·0.4·0.5143 = 400.2 lb; the heel takes 410.
  test('two 5/8 bolts in a low heel hold a fifth of 2 × 608 × 1.6 lb against uplift', () =>
    expectNear(check(derived, 'truss-uplift').capacity, 2 * 608 * 1.6 * 0.4 * (2.25 / 4.375), 1e-3))
  // 2,097 lb by 8.2, and 0.6·0.8·0.85·25.03 psf under 8 ft² of overhang.
  test('uplift of the worst truss 2,179 lb, its soffit with it', () =>
    expectNear(check(derived, 'truss-uplift').demand, 2097 + 81.7, 1e-3))
})

describe('close trusses on carriers, 14.3', () => {
  const roof = barnJob().building.roof
  const derived = barn({
    roof: {
      ...roof,
      truss: { ...roof.truss, set: 'carriers', spaceIn: 48, firstIn: 2.25, seat: 'notch' },
      carrier: { plies: 2, size: '2x12', lumber: 'SP-No.1', sides: 'both' },
    },
  })
  // 2,405 lb 50 1/4 in. along 96: 57,590 in-lb, and 840 of its own weight: 923 psi. lu 50 1/4 in.: le 103.5, RB² 517.6,
  // FbE 1345, over 1,150 1.169: CL 0.8722.
  test('one truss near mid-bay: 923 psi of 1,150 × CL 0.8722', () =>
    expectNear(check(derived, 'carrier').ratio, 923.2 / 1150 / 0.8722, 2e-3))
  test('every truss comes down on the posts: the eave adds up', () => {
    const onPosts = derived.posts
      .filter((post) => post.side === 'south')
      .reduce((sum, post) => sum + (derived.demands?.[post.id].deadLb ?? 0), 0)
    expectNear(
      onPosts,
      derived.reactions.reduce((sum, reaction) => sum + reaction.deadLb, 0),
      1e-9,
    )
  })
  test('sharing between two carriers is said to be unchecked', () =>
    expect(check(derived, 'truss-share').state).toBe('not-checked'))
})

describe('headers carry the trusses of posts left out', () => {
  const derived = barn({ openings: [opening({ kind: 'slider', positionIn: 330, widthIn: 144, heightIn: 120 })] })
  test('its sag limit is 3/8 in. or a 240th', () =>
    expect(check(derived, 'header-sag').capacity).toBeLessThanOrEqual(0.375))
  test('a deeper door-side beam is one click away and is judged whole', () =>
    expect(check(derived, 'header').subjects.length).toBe(2))
})

describe('purlins, 13.3: 2×6 SP No.2 on edge at 24 in., 8 ft', () => {
  const building = barnJob().building
  const loads = {
    thetaDeg: 18.43,
    deadPsf: 2,
    leastPsf: 1.5,
    snowPsf: 38.46,
    livePsf: 20,
    windInPsf: 22.16,
    zones: [
      { zone: '1', upPsf: -54.9 },
      { zone: '2n', upPsf: -80.08 },
      { zone: '3r', upPsf: -95.19 },
    ],
  }
  const member = purlinMember(building, 96, loads)
  const plf = (i: number) => (member.cases[i].loads.lines[0]?.startLbIn ?? 0) * 12
  test.each([
    ['w normal under the worst snow', plf(0), 73.02],
    ['uplift zone 1', plf(5), -64.17],
    ['zone 2n', plf(6), -94.39],
    ['zone 3r', plf(7), -112.5],
    ['moment, ft-lb', simpleSpan(member.cases[0].loads, 1).momentInLb / 12, 584.2],
    ['worst strength: 3r by the equation, 1428/1294', strengthOf(member), 1428 / 1294],
    ['sag in in.', simpleSpan(member.sags[0].loads, 1.4e6 * boardSize('2x6').iEdgeIn4).deflectionIn, 0.2191],
  ])('%s', (_n, got, want) => expectNear(got, want, 2e-3))
  test('by the 4.4.1 shortcut 3r holds: 1428/1840', () =>
    expectNear(
      strengthOf(purlinMember({ ...building, edgeShortcut: true }, 96, { ...loads, snowPsf: 10, livePsf: 0 })),
      1428 / 1840,
      3e-3,
    ))
  test('blocked at mid-span it holds', () =>
    expect(
      strengthOf(
        purlinMember(
          { ...building, roof: { ...building.roof, purlins: { ...building.roof.purlins, blocked: true } } },
          96,
          loads,
        ),
      ),
    ).toBeLessThan(1))
  test('without skin it bends both ways and fails: 1.964', () =>
    expectNear(
      strengthOf(
        purlinMember(
          {
            ...building,
            roof: { ...building.roof, purlins: { ...building.roof.purlins, skinHolds: false } },
          },
          96,
          { ...loads, zones: [] },
        ),
      ),
      1.964,
      0.15,
    ))
  test('roof zones come from the figure: 1, 2n, 3r and inward', () => {
    const derived = barn()
    const got =
      derived.site && mainPurlinLoads(derived.site.site && barnJob().building, derived.site, 96, ['1', '2n', '3r'])
    expectNear(got?.zones[0].upPsf ?? 0, -54.9, 1e-3)
    expectNear(got?.zones[1].upPsf ?? 0, -80.08, 1e-3)
    expectNear(got?.zones[2].upPsf ?? 0, -95.19, 1e-3)
    expectNear(got?.windInPsf ?? 0, 22.16, 1e-3)
  })
})

describe('lean-to, 14.6', () => {
  test('2×8 at 2:12 with a 3½ in. seat: notch 0.5754, left above 6.767, longest seat 11.03, 12.17 ft of rafter', () => {
    const m = birdsMouth(2, 7.25, 3.5, 144)
    expectNear(m.notchIn, 0.5754)
    expectNear(m.aboveIn, 6.767)
    expectNear(m.mostSeatIn, 11.03)
    expectNear(m.lengthIn / 12, 12.17, 1e-3)
  })
  const lean = (side: 'south' | 'north') => ({
    side,
    depthIn: 144,
    pitchPer12: 2,
    dropIn: 48,
    rafter: { plies: 2, size: '2x10' as const, lumber: 'SP-No.1', spaceIn: null },
    ledger: { plies: 2, size: '2x10' as const, lumber: 'SP-No.1' },
    beam: { plies: 2, size: '2x10' as const, lumber: 'SP-No.1' },
    seatIn: 3.5,
  })
  const derived = barn({ leanTos: [lean('north')] })
  test('drift 39.35 psf over 8.793 ft, or 13.44 psf sliding, 6.5 and 6.6', () => {
    const snow = derived.site?.leanTos[0].snow ?? []
    expectNear(snow.find((low) => low.governs === 'drift')?.peakPsf ?? 0, 39.35, 1e-3)
    expectNear(snow.find((low) => low.governs === 'drift')?.peakWidthFt ?? 0, 8.793, 1e-3)
    expectNear((snow.find((low) => low.governs === 'sliding')?.uniformPsf ?? 0) - 25.2, (0.4 * 25.2 * 21) / 15, 1e-3)
  })
  test('one on each eave: both are judged, and alike', () => {
    const both = barn({ leanTos: [lean('south'), lean('north')] })
    expectNear(check(both, 'rafter-south').ratio, check(both, 'rafter-north').ratio ?? NaN, 1e-9)
  })
  test('cladding wind on an open roof is not invented', () =>
    expect(check(derived, 'lean-purlins-up-north').state).toBe('not-checked'))
})

describe('enclosure and the ground', () => {
  test('a door that may stand open makes it partially enclosed: GCpi 0.55, 26.2', () => {
    const door = opening({ kind: 'overhead', side: 'west', corner: 'SW', positionIn: 168, widthIn: 144, heightIn: 144 })
    expect(barn({ openings: [door] }, { doorsRated: false }).site?.wind.gcpi).toBe(0.55)
    expect(barn({ openings: [door] }).site?.wind.gcpi).toBe(0.18)
  })
  test('an open side does too; all four open is an open building with no internal pressure', () => {
    expect(barn({ openSides: ['south'] }).site?.enclosure.class).toBe('partially')
    const open = barn({ openSides: ['south', 'north', 'east', 'west'] })
    expect(open.site?.enclosure.class).toBe('open')
    expect(open.site?.wind.gcpi).toBe(0)
    expect(open.checks.some((check) => check.id.startsWith('girt-'))).toBe(false)
  })
  test('falling ground asks for more: d/(1 − slope)', () => {
    const flat = barn({ slab: 'tied' }).holes.find((hole) => hole.kind === 'eave')?.lateral
    const steep = barn({ slab: 'tied' }, { groundSlopePer12: 2 }).holes.find((hole) => hole.kind === 'eave')?.lateral
    expectNear(steep?.slopedFt ?? 0, (flat?.neededFt ?? 0) / (1 - 2 / 12), 1e-9)
  })
  test('steeper than 1 in 3 is not sized', () =>
    expect(check(barn({}, { groundSlopePer12: 5 }), 'slope-eave').state).toBe('not-checked'))
  test('earthquake is named as not computed', () =>
    expect(check(barn({}, { highSeismic: true }), 'seismic').state).toBe('not-checked'))
})

describe('braces, 16.1 and 16.2', () => {
  const derived = barn({ bracing: { ...barnJob().building.bracing, walls: 'x-boards', baysPerWall: 2 } })
  test('force = V/n/cos α and couple = V/n·H/s on every braced wall', () => {
    expect(derived.braces.length).toBeGreaterThan(0)
    for (const brace of derived.braces) {
      expectNear(brace.forceLb * Math.cos((brace.alphaDeg * Math.PI) / 180), brace.shearLb / brace.bays, 1e-9)
      expectNear(brace.coupleLb, (brace.shearLb / brace.bays) * (brace.heightIn / brace.bayIn), 1e-9)
    }
  })
  test('knee braces on trusses not designed for them are flagged, not passed', () => {
    const knee = { downIn: 36, outIn: 36, size: '2x6' as const, lumber: 'SP-No.2', plies: 2, trussDesigned: false }
    const derived = barn({ diaphragm: 'none', slab: 'tied', knee })
    expect(check(derived, 'knee-truss').state).toBe('not-checked')
    expect(derived.lateral?.kneeLb).toBeGreaterThan(500)
    expect(derived.lateral?.row.moveIn[4]).toBeLessThan(
      barn({ diaphragm: 'none', slab: 'tied' }).lateral?.row.moveIn[4] ?? 0,
    )
  })
})

describe('properties of the whole', () => {
  const sizes = fc.record({
    lengthIn: fc.integer({ min: 240, max: 1200 }),
    widthIn: fc.integer({ min: 216, max: 720 }),
    heelIn: fc.integer({ min: 96, max: 240 }),
    pitchPer12: fc.integer({ min: 2, max: 8 }),
  })
  test('dead load of the roof comes down on the two eaves, whole', () =>
    fc.assert(
      fc.property(sizes, (building) => {
        const derived = barn(building)
        const area = ((derived.grid.lengthIn + 24) * (derived.grid.widthIn + 24)) / 144
        const eaves = derived.posts
          .filter((post) => post.side === 'south' || post.side === 'north')
          .reduce((sum, post) => sum + (derived.demands?.[post.id].deadLb ?? 0), 0)
        expectNear(eaves, 5 * area, 1e-6)
      }),
      { numRuns: 25 },
    ))
  test('a building alike on both sides loads them alike', () =>
    fc.assert(
      fc.property(sizes, (building) => {
        const derived = barn(building)
        for (const post of derived.posts.filter((post) => post.side === 'south' && post.kind === 'eave')) {
          const twin = derived.posts.find((other) => other.side === 'north' && other.line === post.line)
          expectNear(derived.demands?.[post.id].gravityLb ?? 0, derived.demands?.[twin?.id ?? ''].gravityLb ?? 1, 1e-9)
          const [ratio, other] = [derived.postRatios[post.id], derived.postRatios[twin?.id ?? '']]
          // A post that cannot stand has no ratio, and nor has its twin.
          if (ratio === null) expect(other).toBeNull()
          else expectNear(ratio, other ?? NaN, 1e-9)
        }
      }),
      { numRuns: 15 },
    ))
  test.each([
    ['12:12', { pitchPer12: 12 }, {}],
    ['1:12', { pitchPer12: 1 }, {}],
    ['one bay', { bays: { mode: 'count' as const, count: 1 }, lengthIn: 120 }, {}],
    ['heel of 24 ft', { heelIn: 288 }, {}],
    ['heel of 6 ft', { heelIn: 72 }, {}],
    ['no snow', {}, { groundSnowPsf: 0 }],
    ['300 psf of snow and 220 mph', {}, { groundSnowPsf: 300, windMph: 220 }],
    [
      'open everywhere on piers',
      { openSides: ['south', 'north', 'east', 'west'] as const, school: 'pier' as const },
      {},
    ],
    [
      'lean-tos on piers with nothing to hold them',
      {
        school: 'pier' as const,
        diaphragm: 'none' as const,
        leanTos: (['south', 'north'] as const).map((side) => ({
          side,
          depthIn: 120,
          pitchPer12: 2,
          dropIn: 12,
          rafter: { plies: 2, size: '2x8' as const, lumber: 'SP-No.1', spaceIn: 24 },
          ledger: { plies: 2, size: '2x10' as const, lumber: 'SP-No.1' },
          beam: { plies: 2, size: '2x10' as const, lumber: 'SP-No.1' },
          seatIn: 3.5,
        })),
      },
      {},
    ],
    ['springs without a soil report', { base: { model: 'springs' as const, soilPsiPerFt: null } }, {}],
    [
      'lumber nobody knows',
      { post: { ...post, lumber: 'own-none' }, girts: { ...barnJob().building.girts, lumber: 'own-none' } },
      {},
    ],
  ])('%s: never NaN, never infinity, never a pass by default', (_n, change, site) => {
    const derived = barn(change as Partial<Building>, site)
    for (const check of derived.checks) {
      expect([
        check.id,
        check.ratio === null ? ['cannot-stand', 'not-checked'].includes(check.state) : Number.isFinite(check.ratio),
        Number.isFinite(check.demand),
        Number.isFinite(check.capacity),
      ]).toEqual([check.id, true, true, true])
      if (check.state === 'not-checked') expect(check.governs.length).toBeGreaterThan(10)
      for (const line of check.trace()) expect(line.numbers).not.toMatch(/NaN|Infinity/)
      const diagram = check.diagram?.()
      if (diagram) expect([...diagram.momentInLb, ...diagram.shearLb].every(Number.isFinite)).toBe(true)
    }
  })
  test('more depth never lowers what the ground holds; more wind never lowers what it asks', () =>
    fc.assert(
      fc.property(fc.integer({ min: 90, max: 150 }), (windMph) => {
        const at = (v: number) =>
          barn({ slab: 'tied' }, { windMph: v }).holes.find((hole) => hole.kind === 'eave')?.lateral?.neededFt ?? 0
        expect(at(windMph + 5)).toBeGreaterThan(at(windMph))
      }),
      { numRuns: 12 },
    ))
})

describe('a site that is not complete', () => {
  const site = (change: Partial<Job['site']>) => {
    const result = deriveJob(barnJob({}, change))
    if (!result.ok) throw new Error('contradiction')
    return inWords(result.value)
  }
  test.each<[Partial<Job['site']>, RegExp]>([
    [{ groundSnowPsf: null }, /^Not entered yet: ground snow\.$/],
    [{ windMph: null, exposure: null }, /basic wind speed, exposure\.$/],
    [{ frostIn: null, soil: null }, /frost depth, soil class\.$/],
    [{ soil: 'own', ownBearingPsf: null, ownLateralPsfPerFt: 150 }, /the soil’s bearing value\.$/],
  ])('%j: every stage waits, in words, and nothing passes', (change, said) => {
    const derived = site(change)
    expect(derived.checks.map((check) => check.stage)).toEqual(['holes', 'posts', 'walls', 'roof', 'bracing'])
    for (const check of derived.checks) {
      expect(check.governs).toMatch(said)
      expect(`${check.title} ${check.governs}`).not.toMatch(/[a-z][A-Z]/)
    }
    expect(derived.tally).toMatchObject({ holds: 0, close: 0, fails: 0, notChecked: 5 })
  })
})

test.each<[string, Partial<Building>]>([
  ['posts in the ground', {}],
  ['on piers', { school: 'pier' }],
  [
    'with doors',
    { openings: [opening({ kind: 'overhead', positionIn: 330, widthIn: 144, heightIn: 132, sillIn: 0 })] },
  ],
])(
  'diagrams of posts, %s: shear is the slope of moment, wind the slope of shear, nothing bends them at their tops',
  (_, change) => {
    const result = deriveJob(barnJob(change))
    if (!result.ok) throw new Error('contradiction')
    const posts = inWords(result.value)
      .checks.filter((check) => /^(column|shear|sag)-/.test(check.id))
      .flatMap((check) => {
        const diagram = check.diagram?.()
        return diagram ? [{ id: check.id, g: diagram }] : []
      })
    expect(posts.length).toBeGreaterThan(6)
    for (const { id, g: diagram } of posts) {
      const scale = Math.max(...diagram.momentInLb.map(Math.abs))
      const startLbIn = diagram.lines[0].startLbIn
      diagram.x.slice(1).forEach((x, i) => {
        const h = x - diagram.x[i]
        expect(
          diagram.momentInLb[i] - (h * (diagram.shearLb[i] + diagram.shearLb[i + 1])) / 2 - diagram.momentInLb[i + 1],
        ).toBeCloseTo(0, 6)
        expect(diagram.shearLb[i] - startLbIn * h).toBeCloseTo(diagram.shearLb[i + 1], 6)
      })
      expect([id, Math.abs(diagram.momentInLb[diagram.momentInLb.length - 1]) < 0.02 * scale]).toEqual([id, true])
    }
  },
)
