import { concreteIn } from '@/core/frame'
import type { Building } from '@/core/model'
import type { SheetsOf } from '../crewbook/sheetsOf'
import { box, type Shape } from './figure'

/** A hole from the side: as it is dug, the gravel in it, the pad or pier that is cast, the collar round the post. */
interface HoleParts {
  readonly dug: Shape
  readonly cast: Shape
  /** From the outside in, each drawn over the one before. */
  readonly all: readonly Shape[]
}

/** The parts of a hole whose middle stands at a place of a drawing. */
export function holeParts(building: Building, hole: SheetsOf['derived']['holes'][number], at: number): HoleParts {
  const { diameterIn, digIn, depthIn, gravelIn } = hole
  const [low, high] = [at - diameterIn / 2, at + diameterIn / 2]
  const [cast, ...around] = concreteIn(building, hole).map(([fromIn, toIn]) =>
    box([low, -toIn], [high, -fromIn], 'concrete'),
  )
  const dug = box([low, -digIn], [high, 0], 'hidden')
  return {
    dug,
    cast,
    all: [dug, ...(gravelIn > 0 ? [box([low, -digIn], [high, -depthIn], 'gravel')] : []), cast, ...around],
  }
}
