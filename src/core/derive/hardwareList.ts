import { nailOf } from '../joints'
import type { JobBuying, NailId } from '../model'
import type { Join } from '../sticks'
import { addUnder } from '../result'
import { ROUNDING } from '../units'

/** One kind of joint: what makes it, how many to a joint and how many in all. */
export interface JointLine {
  readonly joint: string
  readonly fastener: string
  readonly each: number
  readonly joints: number
  readonly total: number
}

/** Hardware of one kind to order: how many are needed, how many to spare; nails by weight and box. */
export interface HardwareLine {
  readonly what: string
  /** Its item on the price list. */
  readonly item: string
  readonly needed: number
  /** Those of the order that are to spare, by the rule of its class or by one of its own. */
  readonly spare: number
  readonly order: number
  readonly pounds: number | null
  readonly boxes: number | null
}

const INCH_NAMES: Readonly<Record<number, string>> = { 0.5: '1/2', 0.625: '5/8', 0.75: '3/4' }
const inchName = (diameterIn: number): string => INCH_NAMES[diameterIn] ?? String(diameterIn)

/** Length of a bolt as it is sold: whole and half inches. */
const boltLength = (lengthIn: number): string => (lengthIn % 1 === 0 ? String(lengthIn) : `${Math.floor(lengthIn)} 1/2`)

const nailName = (nail: NailId) => ({
  what: nailOf(nail)?.name ?? nail,
  item: nail.startsWith('ring') ? 'ring-shank nail' : 'common nail',
})

/** The board or post that a piece is bought for. */
const fitting = ({ fits }: { readonly fits?: string }): string => (fits ? ` for ${fits}` : '')

/** What a tie holds down, by the joint that it is in: ties of trusses and of purlins are rated, and bought, apart. */
const TIES: Partial<Record<Join['kind'], string>> = {
  'truss to post': 'truss tie',
  'truss to carrier': 'truss tie',
  'purlin to truss': 'purlin tie',
  'purlin to rafter': 'purlin tie',
}

/** What the fastener of a joint is called, and what it is on the price list. */
function nameOf({ kind, fastener }: Pick<Join, 'kind' | 'fastener'>): { readonly what: string; readonly item: string } {
  switch (fastener.by) {
    case 'nail':
      return nailName(fastener.nail)
    case 'bolt': {
      const bolt = `bolt ${inchName(fastener.diameterIn)}`
      return { what: `${bolt} × ${boltLength(fastener.lengthIn)}`, item: bolt }
    }
    case 'bracket':
      return { what: `post bracket${fitting(fastener)}`, item: 'post bracket' }
    case 'rafter tie':
      return { what: 'rafter tie', item: 'tie' }
    case 'strap':
      return { what: fastener.fits ? `strap, ${fastener.fits} between posts` : 'strap', item: 'strap' }
    case 'tie':
      return { what: TIES[kind] ?? 'tie', item: 'tie' }
    default:
      return { what: `${fastener.by}${fitting(fastener)}`, item: fastener.by }
  }
}

/** Fasteners by joint, with counts over the building; joints of one kind may take different numbers of them. */
export function jointList(joins: readonly Join[]): readonly JointLine[] {
  const kinds = new Map<string, { joint: string; fastener: string; joints: number; total: number }>()
  for (const join of joins) {
    const { kind, count } = join
    const { what } = nameOf(join)
    const key = `${kind}|${what}`
    const has = kinds.get(key)
    if (has) {
      has.joints++
      has.total += count
    } else kinds.set(key, { joint: kind, fastener: what, joints: 1, total: count })
  }
  return [...kinds.values()].map((line) => ({ ...line, each: Math.round(line.total / line.joints) }))
}

/** Weight of steel, lb per cubic inch, and what heads add to the shanks of nails. */
const STEEL_LB_IN3 = 0.284
const HEADS = 1.04

/** Weight of one nail, lb: its shank as a cylinder, and its head. */
export function nailLb(id: NailId): number {
  const nail = nailOf(id)
  return nail ? (Math.PI / 4) * nail.dIn ** 2 * nail.lengthIn * STEEL_LB_IN3 * HEADS : 0
}

/** How many of so many are bought to spare by a rule: a share, whole, and at least so many. */
const spareBy = (needed: number, share: number, least: number): number =>
  needed > 0 ? Math.max(least, Math.ceil(needed * share - ROUNDING)) : 0

/** How many of an item are bought to spare: by its own rule where it has one. */
const spareOf = (own: Readonly<Partial<Record<string, number>>>, what: string, byRule: number): number =>
  own[what] ?? byRule

const SKIN_SCREW = 'skin screw'

/** A line of what is bought by the piece. */
const pieceLine = (of: Pick<HardwareLine, 'what' | 'item' | 'needed' | 'spare'>): HardwareLine => ({
  ...of,
  order: of.needed + of.spare,
  pounds: null,
  boxes: null,
})

function nailLine(nail: NailId, needed: number, { spares, nailBoxLb }: JobBuying): HardwareLine {
  const { what, item } = nailName(nail)
  const each = nailLb(nail)
  const spare = spareOf(spares.own, what, spareBy(needed, spares.nailShare, 0))
  const boxes = Math.ceil(((needed + spare) * each) / nailBoxLb - ROUNDING)
  const inABox = each > 0 ? Math.floor(nailBoxLb / each) : 0
  return { what, item, needed, spare, order: boxes * inABox, pounds: boxes * nailBoxLb, boxes }
}

/** The hardware of a building: nails by the box, bolts by their length, what is bought by the piece, screws of the skin. */
export function hardwareList(joins: readonly Join[], screws: number, buying: JobBuying): readonly HardwareLine[] {
  const nails = new Map<NailId, number>()
  const pieces = new Map<string, number[]>()
  const items = new Map<string, string>()
  for (const join of joins) {
    const { fastener, count } = join
    if (fastener.by === 'nail') nails.set(fastener.nail, (nails.get(fastener.nail) ?? 0) + count)
    else {
      const { what, item } = nameOf(join)
      addUnder(pieces, what, count)
      items.set(what, item)
    }
  }
  const { hardwareShare, hardwareLeast, screwShare, own } = buying.spares
  const spareScrews = spareOf(own, SKIN_SCREW, spareBy(screws, screwShare, 0))
  const screwLine = pieceLine({ what: SKIN_SCREW, item: 'screw', needed: screws, spare: spareScrews })
  return [
    ...[...nails].map(([nail, needed]) => nailLine(nail, needed, buying)),
    ...[...pieces].map(([what, counts]): HardwareLine => {
      const needed = counts.reduce((sum, count) => sum + count, 0)
      const spare = spareOf(own, what, spareBy(needed, hardwareShare, hardwareLeast))
      return pieceLine({ what, item: items.get(what) ?? what, needed, spare })
    }),
    ...(screws > 0 ? [screwLine] : []),
  ].sort((one, other) => one.what.localeCompare(other.what, 'en', { numeric: true }))
}
