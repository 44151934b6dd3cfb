'use client'
/** How far about the building the ground is drawn, inches. */
export const ROUND_IN = 150
export const KINDS = (['stump', 'root', 'rock', 'buried line'] as const).map((value) => ({ value, label: value }))
