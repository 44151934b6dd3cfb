import type { Edition } from '../../model'
import { ASCE_7_16 } from './asce7-16'
import type { EditionData } from './types'

const EDITIONS: Readonly<Record<Edition, EditionData>> = { 'ASCE 7-16': ASCE_7_16 }
/** The numbers of a loads standard. */
export const editionData = (edition: Edition): EditionData => EDITIONS[edition]
export type { Combination, EditionData, OpenRow, RoofZone } from './types'
