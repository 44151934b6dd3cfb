import { CUT } from './cut'
import { EMBED } from './embed'
import { FASTEN } from './fasten'
import { FRAME } from './frame'
import { LAYOUT } from './layout'
import { SNOW } from './snow'
import { WIND } from './wind'
import { WOOD } from './wood'

export type { Formula } from './formula'

/** Every formula that others may put numbers into, by its name. */
export const FORMULAS = [...SNOW, ...WIND, ...WOOD, ...EMBED, ...FASTEN, ...FRAME, ...LAYOUT, ...CUT] as const
