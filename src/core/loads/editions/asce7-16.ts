import type { EditionData } from './types'

/** ASCE/SEI 7-16 as data. Rows and columns stand as in the figure or table named beside them. */
export const ASCE_7_16: EditionData = {
  name: 'ASCE 7-16',
  importance: { I: 0.8, II: 1, III: 1.1, IV: 1.2 }, // Table 1.5-2
  snowExposure: {
    B: { fully: 0.9, partially: 1, sheltered: 1.2 },
    C: { fully: 0.9, partially: 1, sheltered: 1.1 },
    D: { fully: 0.8, partially: 0.9, sheltered: 1 },
  }, // Table 7.3-1
  thermal: { heated: 1, 'just-above-freezing': 1.1, unheated: 1.2, 'kept-below-freezing': 1.3 }, // Table 7.3-2
  // Table 26.11-1
  terrain: { B: { alpha: 7, zgFt: 1200 }, C: { alpha: 9.5, zgFt: 900 }, D: { alpha: 11.5, zgFt: 700 } },
  gust: 0.85, // 26.11.1
  directionality: 0.85, // Table 26.6-1, buildings
  gcpi: { enclosed: 0.18, partially: 0.55, open: 0 }, // Table 26.13-1
  walls: { windward: 0.8, side: -0.7, leewardRatio: [1, 2, 4], leeward: [-0.5, -0.3, -0.2] }, // Fig. 27.3-1
  roof: {
    // Fig. 27.3-1, wind normal to the ridge: most negative (A), least negative or positive (B), leeward
    thetaDeg: [10, 15, 20, 25, 30, 35, 45],
    heightRatio: [0.25, 0.5, 1],
    windwardA: [
      [-0.7, -0.5, -0.3, -0.2, -0.2, 0, 0.4],
      [-0.9, -0.7, -0.4, -0.3, -0.2, -0.2, 0],
      [-1.3, -1, -0.7, -0.5, -0.3, -0.2, 0],
    ],
    windwardB: [
      [-0.18, 0, 0.2, 0.3, 0.3, 0.4, 0.4],
      [-0.18, -0.18, 0, 0.2, 0.2, 0.3, 0.4],
      [-0.18, -0.18, -0.18, 0, 0.2, 0.2, 0.3],
    ],
    leeward: [
      [-0.3, -0.5, -0.6],
      [-0.5, -0.5, -0.6],
      [-0.7, -0.6, -0.6],
    ],
  },
  minimum: { wallPsf: 16, roofPsf: 8, claddingPsf: 16 }, // 27.1.5, 30.2.2, strength level
  // Figs. 30.3-2A to D at 10 ft², no area reduction (register C15 for slopes over 20 degrees): zones 1, 2e, 2n and 2r,
  // 3e, 3r, inward.
  gableRoof: [
    {
      upToDeg: 7,
      zones: { '1': -1.7, '2e': -2.3, '2n': -2.3, '2r': -1.7, '3e': -3.2, '3r': -2.3 },
      inward: 0.3,
      verify: null,
    },
    { upToDeg: 20, zones: { '1': -2, '2e': -2, '2n': -3, '2r': -3, '3e': -3, '3r': -3.6 }, inward: 0.7, verify: null },
    { upToDeg: 27, zones: { '1': -2, '2e': -2, '2n': -3, '2r': -3, '3e': -3, '3r': -3.6 }, inward: 0.7, verify: 'C15' },
    {
      upToDeg: 45,
      zones: { '1': -1.8, '2e': -2, '2n': -2, '2r': -2, '3e': -3.2, '3r': -2.5 },
      inward: 0.9,
      verify: 'C15',
    },
  ],
  // Figs. 27.3-4 and 27.3-5 (register C14): clear and obstructed flow, load cases A and B, CN windward half and leeward
  // half.
  openPitched: [
    {
      thetaDeg: 7.5,
      clear: [
        [1.1, -0.3],
        [0.2, -1.2],
      ],
      obstructed: [
        [-1.6, -1],
        [-0.9, -1.7],
      ],
    },
    {
      thetaDeg: 15,
      clear: [
        [1.1, -0.4],
        [0.1, -1.1],
      ],
      obstructed: [
        [-1.2, -1],
        [-0.6, -1.6],
      ],
    },
    {
      thetaDeg: 22.5,
      clear: [
        [1.1, 0.1],
        [-0.1, -0.8],
      ],
      obstructed: [
        [-1.2, -1.2],
        [-0.8, -1.7],
      ],
    },
    {
      thetaDeg: 30,
      clear: [
        [1.3, 0.3],
        [-0.1, -0.9],
      ],
      obstructed: [
        [-0.7, -0.7],
        [-0.2, -1.1],
      ],
    },
    {
      thetaDeg: 37.5,
      clear: [
        [1.3, 0.6],
        [-0.2, -0.6],
      ],
      obstructed: [
        [-0.6, -0.6],
        [-0.3, -0.9],
      ],
    },
    {
      thetaDeg: 45,
      clear: [
        [1.1, 0.9],
        [-0.3, -0.5],
      ],
      obstructed: [
        [-0.5, -0.5],
        [-0.3, -0.7],
      ],
    },
  ],
  openMono: [
    {
      thetaDeg: 0,
      clear: [
        [1.2, 0.3],
        [-1.1, -0.1],
      ],
      obstructed: [
        [-0.5, -1.2],
        [-1.1, -0.6],
      ],
    },
    {
      thetaDeg: 7.5,
      clear: [
        [-0.6, -1],
        [-1.4, 0],
        [0.9, 1.5],
        [1.6, 0.3],
      ],
      obstructed: [
        [-1, -1.5],
        [-1.7, -0.8],
        [-0.2, -1.2],
        [0.8, -0.3],
      ],
    },
    {
      thetaDeg: 15,
      clear: [
        [-0.9, -1.3],
        [-1.9, 0],
        [1.3, 1.6],
        [1.8, 0.6],
      ],
      obstructed: [
        [-1.1, -1.5],
        [-2.1, -0.6],
        [0.4, -1.1],
        [1.2, -0.3],
      ],
    },
    // The worst of both cases and flows, recalled (register C14).
    { thetaDeg: 22.5, clear: [[2.2, -2.4]], obstructed: [] },
    { thetaDeg: 30, clear: [[2.6, -2.5]], obstructed: [] },
  ],
  // Fig. 27.3-7 by h, 2h, farther: worse of both flows, up and down
  openAlong: { within: [-1.2, 0.8], between: [-0.9, 0.5], beyond: [-0.6, 0.3] },
  combinations: [
    // 2.4.1, allowable stress; roof is the worse of roof live and snow
    { id: 'D', dead: 1, roof: 0, wind: 0, duration: 0.9, clause: '2.4.1 (1)' },
    { id: 'D+S', dead: 1, roof: 1, live: 'snow', wind: 0, duration: 1.15, clause: '2.4.1 (3)' },
    { id: 'D+Lr', dead: 1, roof: 1, live: 'roof', wind: 0, duration: 1.25, clause: '2.4.1 (3)' },
    { id: 'D+0.6W', dead: 1, roof: 0, wind: 0.6, duration: 1.6, clause: '2.4.1 (5)' },
    { id: 'D+0.75S+0.75(0.6W)', dead: 1, roof: 0.75, live: 'snow', wind: 0.45, duration: 1.6, clause: '2.4.1 (6)' },
    { id: 'D+0.75Lr+0.75(0.6W)', dead: 1, roof: 0.75, live: 'roof', wind: 0.45, duration: 1.6, clause: '2.4.1 (6)' },
    { id: '0.6D+0.6W', dead: 0.6, least: true, roof: 0, wind: 0.6, duration: 1.6, clause: '2.4.1 (7)' },
  ],
}
