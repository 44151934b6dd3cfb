import type { FigureName } from '@/core/pocket'
// What every figure is made with is fetched once, with the page, not with each figure again.
import '@/core/pocket/fields'
import type { Sheet } from './sheet'

type Loaded = Promise<{ readonly default: Sheet }>

/** Every figure's sheet, each fetched when it is opened first. */
export const SHEETS: Readonly<Record<FigureName, () => Loaded>> = {
  diagonal: () => import('./figures/diagonal'),
  'three-four-five': () => import('./figures/threeFourFive'),
  'equal-spaces': () => import('./figures/equalSpaces'),
  'between-fixed': () => import('./figures/betweenFixed'),
  'on-centre': () => import('./figures/onCentre'),
  'equal-openings': () => import('./figures/equalOpenings'),
  'boards-across': () => import('./figures/boardsAcross'),
  'post-tops': () => import('./figures/postTops'),
  pitch: () => import('./figures/pitch'),
  'brace-between': () => import('./figures/braceBetween'),
  'knee-brace': () => import('./figures/kneeBrace'),
  'brace-45': () => import('./figures/brace45'),
  rafter: () => import('./figures/rafter'),
  headroom: () => import('./figures/headroom'),
  'steepest-pitch': () => import('./figures/steepestPitch'),
  'roof-square': () => import('./figures/roofSquare'),
  plumb: () => import('./figures/plumb'),
  'eave-line': () => import('./figures/eaveLine'),
  pull: () => import('./figures/pull'),
  sling: () => import('./figures/sling'),
  gin: () => import('./figures/gin'),
  'wall-pick': () => import('./figures/wallPick'),
  'bare-wind': () => import('./figures/bareWind'),
  jack: () => import('./figures/jack'),
  gate: () => import('./figures/gate'),
  'sliding-door': () => import('./figures/slidingDoor'),
  vehicle: () => import('./figures/vehicle'),
  stairs: () => import('./figures/stairs'),
  cover: () => import('./figures/cover'),
  panels: () => import('./figures/panels'),
  'nailers-between': () => import('./figures/nailersBetween'),
  bags: () => import('./figures/bags'),
  matured: () => import('./figures/matured'),
  daylight: () => import('./figures/daylight'),
  'rod-marks': () => import('./figures/rodMarks'),
  'girt-cut': () => import('./figures/girtCut'),
  suppliers: () => import('./figures/suppliers'),
}

/** Whether there is a figure of this name. */
export const isFigure = (name: string): name is FigureName => Object.hasOwn(SHEETS, name)
