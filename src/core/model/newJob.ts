import type { Building, Job } from './job'
import { JOB_FORMAT, JOB_VERSION } from './job'

/** Roof, joints and bracing that a new job starts with: usual sizes, to be checked. */
const framing: Pick<Building, 'roof' | 'skin' | 'bracing' | 'joints'> = {
  roof: {
    truss: { set: 'posts', spaceIn: 48, firstIn: 0.75, seat: 'pocket', plies: 1, blockNails: 0, heelDepthIn: 6, reaction: null },
    carrier: { plies: 2, size: '2x12', lumber: 'SP-No.1', sides: 'both' }, header: { plies: 4, size: '2x12', lumber: 'SP-No.1', sides: 'both' },
    purlins: { style: 'over', size: '2x6', lumber: 'SP-No.2', spaceIn: 24, run: 'simple', skinHolds: true, blocked: false }, ceiling: 'none',
  },
  skin: { roofStiffnessLbPerIn: null, roofAllowPlf: null, wallStiffnessLbPerIn: null, wallAllowPlf: null, pullOverLb: null, openRoofCn: null },
  bracing: { walls: 'skin', size: '2x6', lumber: 'SP-No.2', nail: 'ring-177', nails: 8, swayOver: null, strapLb: null, baysPerWall: 2 },
  joints: {
    wetPosts: true, girt: { nail: 'ring-177', count: 3 }, purlin: { nail: 'ring-207', count: 2 }, ledger: { diameterIn: 0.625, count: 2 }, truss: { diameterIn: 0.625, count: 2 }, carrier: { diameterIn: 0.625, count: 4 }, collar: { diameterIn: 0.625, count: 2 },
    rafterTieLb: null, purlinTieLb: null,
    lamination: { nail: '30d-common', rows: 2, spacingIn: 8.8125, edgeIn: 1.5, endIn: 3.5, through: true, interfacePlf: null }, screw: { gauge: 10, threadIn: 1, spacingIn: 9 },
  },
}

/** A new job with a plain building. Ground snow, wind speed, exposure, frost and soil start empty: they are asked for, never assumed. */
export function newJob(name: string): Job {
  return {
    format: JOB_FORMAT, version: JOB_VERSION, name, note: '',
    site: {
      edition: 'ASCE 7-16', groundSnowPsf: null, windMph: null, exposure: null, kzt: 1, enclosure: 'by-openings', doorsRated: true, risk: 'II', elevationFt: 0, frostIn: null, thermal: 'unheated',
      snowExposure: 'partially', slipperyRoof: true, soil: null, ownBearingPsf: null, ownLateralPsfPerFt: null, doubleLateral: true, groundSlopePer12: 0, northDeg: 0, dead: { by: 'total', psf: 5 }, deadMinPsf: 3, highSeismic: false,
    },
    building: {
      lengthIn: 480, widthIn: 360, heelIn: 144, pitchPer12: 4, eaveOverhangIn: 12, gableOverhangIn: 12,
      bays: { mode: 'max', maxIn: 96 }, baysFrom: 'outside', dimensionTo: 'post',
      post: { section: '3-2x6', lumber: 'SP-No.2', glulam: { widthIn: 5.125, depthIn: 7 }, ep559: false, splice: null }, grades: [],
      school: 'collar', collarHeightIn: 12, coneAngleDeg: 0, cleat: null, bracketIn: 6, padThicknessIn: 8,
      holeDiameterIn: null, minimumDepthIn: 48, gravelIn: 0, slab: 'none', diaphragm: 'trusted', base: { model: 'fixed', soilPsiPerFt: null }, knee: null, postSag: 120, wallFinish: 'metal', openSides: [], edgeShortcut: false,
      openings: [], skirt: { topIn: 7.25, depthIn: 9.25 },
      girts: { style: 'flat', size: '2x6', lumber: 'SP-No.2', plies: 1, maxGapIn: 24, run: 'two-bays', meetOpenings: true, walls: {} },
      gableMaxIn: 120, gableShiftsIn: {}, bridged: [], leanTos: [], ...framing,
    },
    strings: {
      runPastIn: 43, hook: 'low', hookPost: null, squareMode: 'hold-south', toleranceIn: 0.25,
      measures: { southIn: null, northIn: null, westIn: null, eastIn: null, risingIn: null, fallingIn: null },
    },
    levels: { coverIn: 1.25, readingsIn: {}, benchmarkIn: null },
    sizing: {
      bayMinIn: 84, bayMaxIn: 120, maxGapIn: 30, preferBayIn: null, locked: [], sections: ['3-2x6', '3-2x8', '4-2x8', '3-2x10'], boards: ['2x4', '2x6', '2x8', '2x10', '2x12'],
      lumbers: ['SP-No.2', 'SP-No.1', 'SPF-No.1/No.2', 'SPF-2100f-1.8E'], sameGirts: true, prices: {},
    },
    fieldwork: {
      concrete: { by: 'mixer', bagLb: 80, mixerFt3: 3.5, plantMinYd3: 1, spareEvery: 6 }, levelSchool: 'high-pier', boardEdge: 'top', laserLineIn: 48, strings: { heightIn: 0, dropPerRowIn: 0, from: 'south' },
      crayons: { grade: 'green', skirt: 'brown', girt: 'black', sill: 'blue', head: 'blue', heel: 'red', rafter: 'red' },
    },
    ground: { spots: [], padIn: 0, obstructions: [], addition: { kind: 'lean-to', end: 'west', clearIn: 0.5, lengthIn: 240, depthIn: 96, bays: 3 }, oldWall: [] },
  }
}
