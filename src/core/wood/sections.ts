import { POST_SECTIONS, type BoardName, type Building, type PostSection } from '../model'

/** Dressed dry width of a nominal board, inches (PS 20; NDS Supplement Table 1A). */
const DRESSED_IN: Readonly<Record<'4' | '6' | '8' | '10' | '12', number>> = {
  4: 3.5,
  6: 5.5,
  8: 7.25,
  10: 9.25,
  12: 11.25,
}

/** Dressed thickness of a 2x board, inches. */
export const PLY_IN = 1.5

type PostKindOfWood = 'laminated' | 'solid' | 'glulam'
export interface PostSize {
  readonly plies: number
  readonly widthIn: number
  readonly depthIn: number
  readonly areaIn2: number
  readonly sIn3: number
  readonly iIn4: number
  readonly solid: boolean
  readonly wood: PostKindOfWood
  readonly nominal: string
  readonly label: string
}
type PostChoice = Pick<Building['post'], 'section'> & Partial<Pick<Building['post'], 'glulam'>>

/** What a post is made of, and how wide and deep that is, inches. */
function shapeOf(section: PostSection, glulam: { readonly widthIn: number; readonly depthIn: number }) {
  switch (section) {
    case '6x6':
      return { wood: 'solid', plies: 1, nominal: '6', widthIn: 5.5, depthIn: 5.5, label: 'solid 6×6' } as const
    case 'glulam': {
      const label = `glue-laminated ${glulam.widthIn} × ${glulam.depthIn}`
      return { wood: 'glulam', plies: 1, nominal: '6', ...glulam, label } as const
    }
    default: {
      const plies = Number(section[0])
      const nominal = section.slice(4) as '6'
      const label = `${plies}-ply 2×${nominal}`
      return {
        wood: 'laminated',
        plies,
        nominal,
        widthIn: PLY_IN * plies,
        depthIn: DRESSED_IN[nominal],
        label,
      } as const
    }
  }
}

const sizeOf = (section: PostSection, glulam: { readonly widthIn: number; readonly depthIn: number }): PostSize => {
  const { wood, plies, nominal, widthIn, depthIn, label } = shapeOf(section, glulam)
  return {
    plies,
    widthIn,
    depthIn,
    areaIn2: widthIn * depthIn,
    sIn3: (widthIn * depthIn ** 2) / 6,
    iIn4: (widthIn * depthIn ** 3) / 12,
    solid: wood === 'solid',
    wood,
    nominal,
    label,
  }
}

/** The glue-laminated column of a post that names none, inches. */
const GLULAM_DEFAULT = { widthIn: 5.125, depthIn: 7 }
const SECTIONS: ReadonlyMap<PostSection, PostSize> = new Map(
  POST_SECTIONS.filter((section) => section !== 'glulam').map((section) => [section, sizeOf(section, GLULAM_DEFAULT)]),
)

/**
 * Size of a post: width across the plies (along the wall), depth of a ply (square to the wall), and its strong-axis
 * section, NDS Supplement Table 1B.
 */
export function postSize(post: PostChoice): PostSize {
  return SECTIONS.get(post.section) ?? sizeOf(post.section, post.glulam ?? GLULAM_DEFAULT)
}

export interface BoardSize {
  readonly bIn: number
  readonly dIn: number
  readonly sFlatIn3: number
  readonly iFlatIn4: number
  readonly sEdgeIn3: number
  readonly iEdgeIn4: number
  readonly areaIn2: number
  readonly nominal: number
}

/** Size of a 2x board: `bIn` thickness 1.5, `dIn` wide face; section properties flat (weak) and on edge. */
export function boardSize(size: BoardName): BoardSize {
  const nominal = size.slice(2) as '4'
  const widthIn = PLY_IN
  const depthIn = DRESSED_IN[nominal]
  return {
    bIn: widthIn,
    dIn: depthIn,
    areaIn2: widthIn * depthIn,
    sFlatIn3: (depthIn * widthIn * widthIn) / 6,
    iFlatIn4: (depthIn * widthIn ** 3) / 12,
    sEdgeIn3: (widthIn * depthIn * depthIn) / 6,
    iEdgeIn4: (widthIn * depthIn ** 3) / 12,
    nominal: Number(nominal),
  }
}
