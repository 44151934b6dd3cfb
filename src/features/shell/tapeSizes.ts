'use client'

export const CASE = 306
export const BLADE_Y = 34
export const BLADE_H = 32
