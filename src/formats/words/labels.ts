import type { Role } from '@/core/people'
import { type UnitSystem } from '@/core/units'
import type { GirtStyle, OpeningKind, FoundationType, PaperName, SoilClass, Thermal } from '@/core/model'
import type { PostKind } from '@/core/layout'
import type { OverlapKind, StickKind } from '@/core/sticks'

export const OPENING: Readonly<Record<OpeningKind, string>> = {
  overhead: 'overhead door',
  slider: 'sliding door',
  walk: 'walk door',
  window: 'window',
}

export const FOUNDATION: Readonly<Record<FoundationType, string>> = {
  pad: 'post on a pad in the hole',
  collar: 'post in a concrete collar',
  pier: 'bracket on a pier',
}

export const SOIL: Readonly<Record<SoilClass, string>> = {
  1: '1 bedrock',
  2: '2 foliated rock',
  3: '3 gravel',
  4: '4 sand, silty or clayey',
  5: '5 clay, silt',
  own: 'soil report',
}

export const THERMAL: Readonly<Record<Thermal, string>> = {
  heated: 'heated',
  'just-above-freezing': 'just above freezing',
  unheated: 'unheated',
  'kept-below-freezing': 'kept below freezing',
}

export const GIRT_STYLE: Readonly<Record<GirtStyle, string>> = {
  flat: 'flat on the outside',
  between: 'between the posts',
  both: 'outside and between',
}

export const KIND: Readonly<Record<PostKind, string>> = {
  corner: 'corner',
  eave: 'eave',
  gable: 'gable',
  jamb: 'jamb',
  'lean-to': 'lean-to',
}

/** Said wherever results are shown: what they are for and who decides. */
export const STANDING_NOTE =
  'For planning, by ASCE 7-16, IBC 2021 and NDS 2018. Local code, the building department and a licensed ' +
  'engineer decide.'
/** Caution that stands with every sheet that sends a crew to dig. */
/** Foot of every sheet: of a building whose site is not complete it says first that nothing of it is sized. */
const standingNote = (sized: boolean): string =>
  sized ? STANDING_NOTE : `NOT SIZED, the site is not complete: do not dig, cut or order by this. ${STANDING_NOTE}`
const PRACTICE_NOTE = 'PRACTICE COPY: set out, cut and order nothing by this. '
/** The note at the foot of every sheet of a job: first what is wrong with it. */
export function sheetNote(
  { site, tally }: { readonly site: object | null; readonly tally: { readonly fails: number } },
  { practice }: { readonly practice: boolean },
): string {
  const note = (practice ? PRACTICE_NOTE : '') + standingNote(site !== null)
  if (tally.fails === 0) return note
  const checks = tally.fails === 1 ? '1 check' : `${tally.fails} checks`
  return `FAILS: ${checks} of this building: do not cut, dig or order by this. ${note}`
}
export const DIG_CAUTION =
  'Have underground lines marked before digging (call the utility locator). Cover every open hole at once; ' +
  'nobody enters one over 4′ deep.'
export const RAISE_CAUTION =
  'A post that is not braced falls. Brace both ways before letting go; keep poles 10′ from overhead lines (20′ ' +
  'if the voltage is unknown).'
export const TOP: Readonly<Record<'trusted' | 'checked' | 'none', string>> = {
  trusted: 'the roof, not checked',
  checked: 'the roof, with tested skin',
  none: 'nothing: frames stand alone',
}

export const ENCLOSURE: Readonly<Record<'by-openings' | 'enclosed' | 'partially' | 'open', string>> = {
  'by-openings': 'by its openings',
  enclosed: 'enclosed',
  partially: 'partially enclosed',
  open: 'open',
}

export const TRUSS_SET = { posts: 'on the posts', carriers: 'close, on carriers' } as const
export const TRUSS_SEAT = { pocket: 'pocket in the center ply', notch: 'notch', face: 'bolted to the face' } as const
export const PURLIN_STYLE = { over: 'on edge over the trusses', between: 'on edge between them', flat: 'flat' } as const
export const PURLIN_RUN = { simple: 'one span', 'two-span': 'two spans', lapped: 'lapped' } as const
export const CEILING = { none: 'none', other: 'board or liner', plaster: 'plaster' } as const
export const FINISH = { metal: 'metal siding', flexible: 'flexible finish', brittle: 'brittle finish' } as const
export const WALL_BRACE = {
  skin: 'skin only',
  'x-boards': 'X of boards',
  'single-boards': 'single boards',
  straps: 'steel straps',
  none: 'nothing',
} as const

/** Pieces of the building by kind, more than one of them. */
export const STICK_WORDS: Readonly<Record<StickKind, string>> = {
  ply: 'plies of posts',
  post: 'posts',
  skirt: 'skirt boards',
  girt: 'girts',
  blocking: 'blocks and cleats',
  buck: 'bucks',
  'track board': 'track boards',
  purlin: 'purlins',
  batten: 'battens',
  fascia: 'fascia',
  carrier: 'carriers',
  header: 'headers',
  ledger: 'ledgers',
  rafter: 'rafters',
  truss: 'trusses',
  brace: 'braces',
  knee: 'knee braces',
  'temporary brace': 'temporary braces',
}

/** What the plan gives one place, and what a crew does about it. */
export const OVERLAP_WORDS: Readonly<Record<OverlapKind, string>> = {
  'end truss and gable wall':
    'The end trusses stand where the gable posts, and the girts between them, go above the heel: settle with their maker ' +
    'on which side of the posts they stand.',
  'brace through girts': 'Wall braces cross girts: cut the girts round them, and fix both halves to the brace.',
  'brace across an opening': 'A wall brace crosses an opening: no bay of that wall is free. Choose fewer braced bays.',
  'purlins hang below the heel':
    'Purlins between the trusses, or the blocks between them, reach below the heel at the eaves, into the boards of the ' +
    'wall: order a higher heel, or take shallower purlins.',
  'purlins hang below the rafters': 'Purlins between the rafters of a lean-to reach below them, into the beam.',
  'girts deeper than posts': 'Girts are deeper than the posts they are set between: at the corners they meet.',
  'tails below the heel': 'The tails of the trusses come down to the top of the wall: its boards stop below them.',
  'track under the roof': 'The track of a sliding door reaches into the roof in front of it: lower the door.',
  'below the brackets':
    'A board of a wall lies below the brackets, where no post is: no nails are counted for it. Fasten it to the piers, or raise it.',
  'knee in a bearing block':
    'Knee braces meet their posts where the bearing blocks under the trusses are: set them lower, or take the block off the plan.',
  'cleats of posts side by side':
    'Posts stand so close that the cleats at their feet meet: cut them short there; they hold down less than is reckoned.',
  'truss beside its post':
    'The jamb that carries a truss stands beside the line of that truss, and they do not meet: move the opening, or pack ' +
    'between them as the maker of the truss allows.',
}

/** Papers that sheets are printed on. */
export const PAPER_WORDS: Readonly<Record<PaperName, string>> = { letter: 'letter paper', a4: 'A4 paper' }

/** Systems that lengths are written in. */
export const UNITS: Readonly<Record<UnitSystem, string>> = {
  us: 'feet and inches',
  mm: 'millimeters',
  m: 'meters',
}

/** What each role is called, and what it may do. */
export const ROLE_WORDS: Readonly<Record<Role, { readonly name: string; readonly may: string }>> = {
  owner: { name: 'owner', may: 'everything, and who else comes in.' },
  office: { name: 'office', may: 'every job: plans, papers, and what the site sends.' },
  lead: { name: 'lead', may: 'the field pages and papers, and taking back what others entered.' },
  crew: { name: 'crew', may: 'the field pages: readings, holes, cuts, states, and taking back your own.' },
  inspector: { name: 'inspector', may: 'reading the field pages, and saying what was looked at.' },
}
