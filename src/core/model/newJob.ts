import type { Job } from './job'
import { JOB_FORMAT, JOB_VERSION } from './job'

/** A new job with a plain building. Ground snow, wind speed, exposure, frost and soil start empty: they are asked for, never assumed. */
export function newJob(name: string): Job {
  return {
    format: JOB_FORMAT, version: JOB_VERSION, name, note: '',
    site: {
      groundSnowPsf: null, windMph: null, exposure: null, risk: 'II', elevationFt: 0, frostIn: null, thermal: 'unheated', snowExposure: 'partially',
      slipperyRoof: true, soil: null, ownBearingPsf: null, ownLateralPsfPerFt: null, doubleLateral: true, northDeg: 0, deadMaxPsf: 5, deadMinPsf: 3,
    },
    building: {
      lengthIn: 480, widthIn: 360, heelIn: 144, pitchPer12: 4, eaveOverhangIn: 12, gableOverhangIn: 12,
      bays: { mode: 'max', maxIn: 96 }, baysFrom: 'outside', dimensionTo: 'post',
      post: { section: '3-2x6', lumber: 'SP-No.2' }, school: 'collar', collarHeightIn: 12, coneAngleDeg: 0, bracketIn: 6, padThicknessIn: 8,
      holeDiameterIn: null, minimumDepthIn: 48, slab: 'none', diaphragm: 'trusted', openings: [], skirt: { topIn: 7.25, depthIn: 9.25 },
      girts: { style: 'flat', size: '2x6', lumber: 'SP-No.2', maxGapIn: 24, run: 'two-bays', meetOpenings: true },
      gableMaxIn: 120, gableShiftsIn: {}, leanTo: null,
    },
    strings: {
      runPastIn: 43, hook: 'low', hookPost: null, squareMode: 'hold-south', toleranceIn: 0.25,
      measures: { southIn: null, northIn: null, westIn: null, eastIn: null, risingIn: null, fallingIn: null },
    },
    levels: { coverIn: 1.25, readingsIn: {} },
  }
}
