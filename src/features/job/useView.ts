'use client'
import { useCallback } from 'react'
import { viewKey } from './address'
import { type Stage, useJob } from './store'

/**
 * Which view (or tab of the details) of a stage is looked at, and a way to another. It stands in the address, so that the
 * browser’s Back and Forward go through views. A view that the stage does not have shows its first.
 */
export function useView<T extends string>(
  stage: Stage,
  part: 'view' | 'tab',
  choices: readonly T[],
): readonly [T, (view: T) => void] {
  const key = viewKey(stage, part)
  const view = useJob((state) => state.views[key])
  const see = useJob((state) => state.see)
  return [choices.find((choice) => choice === view) ?? choices[0], useCallback((next: T) => see(key, next), [see, key])]
}
