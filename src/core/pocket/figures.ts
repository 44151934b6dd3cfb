import { diagonal } from './diagonal'
import { threeFourFive } from './threeFourFive'
import { equalSpaces } from './equalSpaces'
import { betweenFixed } from './betweenFixed'
import { onCentre } from './onCentre'
import { equalOpenings } from './equalOpenings'
import { boardsAcross } from './boardsAcross'
import { postTops } from './postTops'
import { pitch } from './pitch'
import { braceBetween } from './braceBetween'
import { kneeBrace } from './kneeBrace'
import { brace45 } from './brace45'
import { rafter } from './rafter'
import { headroom } from './headroom'
import { steepestPitch } from './steepestPitch'
import { roofSquare } from './roofSquare'
import { plumb } from './plumb'
import { eaveLine } from './eaveLine'
import { pull } from './pull'
import { sling } from './sling'
import { gin } from './gin'
import { wallPick } from './wallPick'
import { bareWind } from './bareWind'
import { jack } from './jack'
import { gate } from './gate'
import { slidingDoor } from './slidingDoor'
import { vehicle } from './vehicle'
import { stairs } from './stairs'
import { cover } from './cover'
import { panels } from './panels'
import { nailersBetween } from './nailersBetween'
import { bags } from './bags'
import { matured } from './matured'
import { daylight } from './daylight'
import { rodMarks } from './rodMarks'
import { girtCut } from './girtCut'
import { suppliers } from './suppliers'
import type { FigureName } from './names'

/** Every figure, in the order in which people look for them. */
export const FIGURES = [
  // Straight runs.
  diagonal,
  threeFourFive,
  equalSpaces,
  betweenFixed,
  onCentre,
  equalOpenings,
  boardsAcross,
  postTops,
  // Slopes, braces, rafters.
  pitch,
  braceBetween,
  kneeBrace,
  brace45,
  rafter,
  headroom,
  steepestPitch,
  roofSquare,
  // Standing, pulling, lifting.
  plumb,
  eaveLine,
  pull,
  sling,
  gin,
  wallPick,
  bareWind,
  jack,
  // Doors, gates, stairs, skin.
  gate,
  slidingDoor,
  vehicle,
  stairs,
  cover,
  panels,
  nailersBetween,
  // Ground, concrete, time, money.
  bags,
  matured,
  daylight,
  rodMarks,
  girtCut,
  suppliers,
] as const

/** The figure of a name, or nothing. */
export const figureNamed = (name: string) => FIGURES.find((figure) => figure.name === name)

/** What a figure is given. */
export type GivenOf<Name extends FigureName> = Parameters<Extract<(typeof FIGURES)[number], { name: Name }>['solve']>[0]
