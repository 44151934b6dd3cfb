'use client'

export interface PlanLayers {
  readonly strings?: boolean
  readonly diagonals?: boolean
  readonly holes?: boolean
  readonly square?: boolean
  readonly triangle?: boolean
}
