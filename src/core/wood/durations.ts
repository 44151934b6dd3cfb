/** Load duration factors CD (NDS 2018 Table 2.3.2). */
export const DURATION = { dead: 0.9, snow: 1.15, roofLive: 1.25, wind: 1.6 } as const

export {}
