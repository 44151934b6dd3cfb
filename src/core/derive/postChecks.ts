import { collarUpliftLb, embedmentTrace, pierUpliftLb } from '../ground'
import type { Post, PostKind } from '../layout'
import type { Job } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type TraceLine } from '../result'
import { formatLength } from '../units'
import { boardValues, columnStability, postSize, timberValues } from '../wood'
import type { PostDemand } from './demands'
import type { HoleKind } from './holes'
import type { SiteResults } from './siteResults'

const NAME: Readonly<Record<PostKind, string>> = { corner: 'Corner posts', eave: 'Eave posts', gable: 'Gable posts', jamb: 'Jamb posts', 'lean-to': 'Lean-to posts' }
/** Plural name of a kind of post, as cards and checks write it. */
export const kindName = (kind: PostKind): string => NAME[kind]

const dim = (x: number) => formatLength(x, { ascii: false })

/** Frost, sideways, bearing, pad and uplift checks of one kind of post. */
export function holeChecks(job: Job, k: HoleKind, posts: ReadonlyMap<string, Post>, demands: Readonly<Record<string, PostDemand>>, r: SiteResults): Check[] {
  const b = job.building
  const out: Check[] = []
  const title = NAME[k.kind]
  const subject = k.postIds
  out.push(makeCheck({
    id: `frost-${k.kind}`, title: `${title}: frost`, stage: 'holes', subjects: subject, demand: r.site.frostIn, capacity: k.depthIn, unit: 'in',
    governs: `The hole is ${dim(k.depthIn)} deep; frost reaches ${dim(r.site.frostIn)}.`, fix: 'Dig below the frost line.',
    trace: () => [line('Depth to the bottom of the concrete', 'at or below frost depth, 12 in. at least', `${sig(k.depthIn)} against ${sig(r.site.frostIn)}`, k.depthIn, 'in', 'IBC 2021 1809.4, 1809.5')],
  }))
  const l = k.lateral
  const lateralPost = k.governing.lateral
  if (!l || lateralPost === null) {
    const why = k.kind === 'lean-to' ? 'Wind on an open lean-to is not computed yet: an engineer sizes these holes sideways.'
      : b.school === 'pier' ? 'A post pinned on a bracket cannot stand without a roof diaphragm.' : 'Without the roof diaphragm nothing holds the top of these posts; they are not computed as free posts yet.'
    out.push(notChecked(`lateral-${k.kind}`, `${title}: sideways in the ground`, 'holes', why, k.kind === 'lean-to' ? 'Take these to an engineer.' : 'Rely on a checked roof diaphragm, or take these to an engineer.', subject))
  } else {
    const d = demands[lateralPost]
    const has = (b.school === 'pier' ? k.depthIn : k.embedIn) / 12
    const pinned = b.school === 'pier'
    const h = (posts.get(lateralPost)?.heightIn ?? 0) / 12
    const w = d.windPlf ?? 0
    const trace = (): TraceLine[] => [
      ...r.wind.trace,
      line('Wind on the post', 'w = 0.6·(p + qh·GCpi)·width', `0.6 × ${sig(w / 0.6 / (d.wallFt || 1))} × ${sig(d.wallFt)}`, w, 'plf', 'ASCE 7-16 2.4.1, 27.3'),
      l.swayIn !== null ? line('Shear at grade, no diaphragm', 'V = 5·w·H/8 + k·Δ', `5 × ${sig(w)} × ${sig(h)}/8 + share of sway`, l.load.shearLb, 'lb', 'statics')
        : pinned ? line('Shear at the bracket', 'V = w·(H − bracket)/2', `${sig(w)} × ${sig(h - b.bracketIn / 12)}/2`, l.load.shearLb, 'lb', 'statics')
          : line('Shear at grade, top held by the roof', 'V = 5·w·H/8', `5 × ${sig(w)} × ${sig(h)}/8`, l.load.shearLb, 'lb', 'statics'),
      line('Moment at grade', l.swayIn !== null ? 'M = w·H²/8 + k·Δ·H' : pinned ? 'M = V·bracket' : 'M = w·H²/8', pinned ? `${sig(l.load.shearLb)} × ${sig(b.bracketIn / 12)}` : `${sig(w)} × ${sig(h)}²/8${l.swayIn !== null ? ' + sway' : ''}`, l.load.momentFtLb, 'ft-lb', 'statics', l.constrained ? undefined : 'C17'),
      line('Soil, lateral', job.site.doubleLateral ? "S' = 2 × table" : "S' from the table", `${job.site.doubleLateral ? '2 × ' : ''}${sig(r.soil.lateralPsfPerFt)}`, l.load.lateralPsfPerFt, 'psf/ft', job.site.doubleLateral ? `${r.soil.source}; IBC 2021 1806.3.4` : r.soil.source),
      line('Width on the soil', pinned ? 'b = pier diameter' : 'b = 1.414·face', pinned ? sig(k.diameterIn) : `1.414 × ${sig(l.load.bFt * 12 / 1.414)}`, l.load.bFt, 'ft', 'IBC 2021 1807.3.2.1', 'C20'),
      ...(Number.isFinite(l.depthFreeFt) ? embedmentTrace(l.load, l.depthFreeFt, false) : []),
      ...embedmentTrace(l.load, l.depthSlabFt, true),
      line('The older form, second bound', l.constrained ? "d³ = 4·M/(S'·b)" : "d² = (6·V + 8·M/d)/(S'·b)", 'taken where it asks for more', l.neededFt, 'ft', 'ASABE EP486.1', 'C21'),
    ]
    const other = l.constrained ? `Not held at grade it would need ${Number.isFinite(l.depthFreeFt) ? dim(l.depthFreeFt * 12) : 'more than 30 ft'}.` : `A tied slab at grade would cut it to ${dim(l.depthSlabFt * 12)}.`
    out.push(makeCheck({
      id: `lateral-${k.kind}`, title: `${title}: sideways in the ground`, stage: 'holes', subjects: [lateralPost, ...subject.filter((s) => s !== lateralPost)],
      demand: Number.isFinite(l.neededFt) ? l.neededFt : 30, capacity: has, unit: 'ft',
      governs: `Wind on ${lateralPost} asks for ${Number.isFinite(l.neededFt) ? dim(l.neededFt * 12) : 'over 30 ft'} in the ground, ${l.constrained ? 'held at grade by the slab' : 'not held at grade'}; it has ${dim(has * 12)}.`,
      fix: l.constrained ? 'Go deeper, or fill the hole with concrete.' : `Go deeper, or tie a slab to the posts. ${other}`, trace,
    }))
  }
  const br = demands[k.governing.bearing]
  out.push(makeCheck({
    id: `bearing-${k.kind}`, title: `${title}: ${b.school === 'pier' ? 'pier' : 'pad'} on the soil`, stage: 'holes', subjects: [k.governing.bearing, ...subject.filter((s) => s !== k.governing.bearing)],
    demand: k.bearing.loadLb + k.bearing.padLb, capacity: k.bearing.capacityLb, unit: 'lb',
    governs: `${br.gravityCase} on ${k.governing.bearing} presses a ${k.diameterIn}″ circle of soil.`, fix: 'A wider pad, or a soil report that allows more.',
    trace: () => [
      ...r.snow.trace,
      line('Dead', 'D = psf·area', `${sig(r.site.deadMaxPsf)} × ${sig(br.roofFt2)} ft²`, br.deadLb, 'lb', 'ASCE 7-16 3.1', 'C09'),
      line('Snow', `eave line × length${br.snowLb > r.eaveSnowPlf * br.eaveFt + 1 ? ' + lean-to' : ''}`, k.kind === 'lean-to' ? `${sig(r.lowRoof?.outerPlf ?? 0)} × ${sig(br.eaveFt)}` : `${sig(r.eaveSnowPlf)} × ${sig(br.eaveFt)}`, br.snowLb, 'lb', 'ASCE 7-16 ch. 7'),
      ...(br.snowLb > r.eaveSnowPlf * br.eaveFt + 1 || k.kind === 'lean-to' ? (r.lowRoof?.governing.trace ?? []) : []),
      line('Roof live', 'Lr·area', `on ${sig(br.roofFt2)} ft²`, br.liveLb, 'lb', 'ASCE 7-16 4.8.2', 'C10'),
      line(`Worst at the top, ${br.gravityCase}`, br.gravityCase, 'largest of the gravity combinations', br.gravityLb, 'lb', 'ASCE 7-16 2.4.1'),
      line('With the post and the concrete', 'P + post + pad', `${sig(k.bearing.loadLb)} + ${sig(k.bearing.padLb)}`, k.bearing.loadLb + k.bearing.padLb, 'lb', 'NDS Supp. 3.1.3'),
      line('What the soil takes', 'q·π·D²/4', `${sig(r.soil.bearingPsf)} × π × ${sig(k.diameterIn / 12)}²/4`, k.bearing.capacityLb, 'lb', r.soil.source),
    ],
  }))
  const pad = k.pad
  if (pad) {
    if (Number.isNaN(pad.bending)) out.push(notChecked(`pad-${k.kind}`, `${title}: pad thickness`, 'holes', `A plain concrete pad under 8″ is outside ACI 318-14 14.3.2.1; this one is ${dim(b.padThicknessIn)}.`, 'Make the pad 8″ thick, or use a precast pad with its maker’s rated load.', subject))
    else out.push(makeCheck({
      id: `pad-${k.kind}`, title: `${title}: pad thickness`, stage: 'holes', subjects: subject, demand: pad.worst, capacity: 1, unit: '',
      governs: `The pad ${pad.worst === pad.bending ? 'bends beyond the post' : pad.worst === pad.punching ? 'is punched by the post' : 'shears beside the post'}; plain concrete of 2,500 psi, ${dim(pad.effectiveIn)} counted.`, fix: 'A thicker pad.',
      trace: () => [
        line('Thickness counted', 'h = t − 2', `${sig(b.padThicknessIn)} − 2`, pad.effectiveIn, 'in', 'ACI 318-14 14.5.1.7'),
        line('Bending beyond the face', 'Mu', '1.6·P/A over the segment', pad.muInLb, 'in-lb', 'ACI 318-14 ch. 14'),
        line('Bending strength', 'φ·5·√fc·c·h²/6', '0.60 × 5 × √2500 …', pad.phiMnInLb, 'in-lb', 'ACI 318-14 14.5.2'),
        line('Punching ratio', 'Vu/φVn', 'at h/2 from the post', pad.punching, '', 'ACI 318-14 14.5.5'),
      ],
    }))
  }
  if (k.kind === 'lean-to') out.push(notChecked('uplift-lean-to', `${title}: uplift`, 'holes', 'Wind under an open roof is not computed yet.', 'Take these to an engineer.', subject))
  else {
    const u = demands[k.governing.uplift]
    const p = posts.get(k.governing.uplift)
    const postWeight = (u.postWeightPlf * ((p?.heightIn ?? 0) + k.embedIn)) / 12
    const hold = () => b.school === 'pier' ? pierUpliftLb(k.diameterIn, (k.depthIn + b.bracketIn) / 12).trace
      : b.school === 'collar' ? collarUpliftLb({ diameterIn: k.diameterIn, heightIn: Math.min(b.collarHeightIn, k.embedIn), topFt: Math.max(0, k.embedIn - b.collarHeightIn) / 12, postAreaFt2: postSize(b.post.section).areaIn2 / 144, postWeightLb: postWeight, coneDeg: b.coneAngleDeg }).trace
        : [line('The post’s own weight', '0.6·post', `0.6 × ${sig(postWeight)}`, k.uplift.capacityLb, 'lb', 'ASCE 7-16 2.4.1 (7)')]
    out.push(makeCheck({
      id: `uplift-${k.kind}`, title: `${title}: uplift`, stage: 'holes', subjects: [k.governing.uplift, ...subject.filter((s) => s !== k.governing.uplift)], demand: Math.max(0, k.uplift.demandLb), capacity: k.uplift.capacityLb, unit: 'lb',
      governs: k.uplift.demandLb <= 0 ? 'Dead load alone holds these posts down.' : `Wind lifts ${k.governing.uplift} by ${Math.round(k.uplift.demandLb).toLocaleString('en-US')} lb net of the dead load.`,
      fix: b.school === 'pad' ? 'A pad that is not fixed to the post holds nothing down: cast a collar.' : b.school === 'collar' ? 'A wider or higher collar, deeper; tamped backfill lets the soil cone spread.' : 'A wider or deeper pier.',
      trace: () => [line('Wind on the roof', 'W = p·area', `on ${sig(u.roofFt2)} ft²`, u.windUpLb, 'lb', 'ASCE 7-16 27.3'), line('Net uplift', 'T = 0.6·W − 0.6·D', `0.6 × ${sig(u.windUpLb)} − 0.6 × ${sig(u.deadMinLb)}`, u.upliftLb, 'lb', 'ASCE 7-16 2.4.1 (7)'), ...hold()],
    }))
  }
  return out
}

/** Largest moment below grade of a post not held there, ft-lb: soil stiffness growing with depth, rigid post. */
export function inGroundMomentFtLb(shearLb: number, momentFtLb: number, depthFt: number): number {
  const x = (3 * shearLb * depthFt + 4 * momentFtLb) / (4 * shearLb * depthFt + 6 * momentFtLb)
  const d0 = x * depthFt
  const k = (36 * (momentFtLb + (2 * shearLb * depthFt) / 3)) / depthFt ** 4
  const v = (z: number) => shearLb - k * ((d0 * z * z) / 2 - (z * z * z) / 3)
  let [lo, hi] = [0, d0]
  for (let i = 0; i < 60; i++) { const mid = (lo + hi) / 2; if (v(mid) > 0) lo = mid; else hi = mid }
  return momentFtLb + shearLb * lo - k * ((d0 * lo ** 3) / 6 - lo ** 4 / 12)
}

/** Bending with axial load of the hardest worked post of one kind, NDS 2018 3.9, in the governing wind combination and by cladding wind alone. */
export function columnCheck(job: Job, k: HoleKind, posts: ReadonlyMap<string, Post>, demands: Readonly<Record<string, PostDemand>>, girtGapIn: number): Check {
  const b = job.building
  const title = `${NAME[k.kind]}: bending and load`
  const id = `column-${k.kind}`
  const size = postSize(b.post.section)
  const v = size.solid ? timberValues(b.post.lumber) : boardValues(b.post.lumber, Number(size.nominal))
  if (!v) return notChecked(id, title, 'posts', `No design values are tabled for ${b.post.lumber} in a ${size.label}.`, 'Choose a tabled grade.', k.postIds)
  if (!k.lateral || k.governing.lateral === null) return notChecked(id, title, 'posts', 'The wind on these posts is not computed, so their bending is not either.', 'Take these to an engineer.', k.postIds)
  const governing = posts.get(k.governing.lateral)
  if (!governing) return notChecked(id, title, 'posts', 'No such post.', '', k.postIds)
  const d = demands[governing.id]
  const l = k.lateral
  const free = b.diaphragm === 'none'
  const wet = b.school !== 'pier' && !size.solid
  const cmFb = wet && v.fb > 1150 ? 0.85 : 1
  const cmFc = wet && v.fc > 750 ? 0.8 : 1
  const laminated = size.plies >= 3 ? 1.15 : 1 // EP559 factors are higher; 1.15 until their fastening is confirmed (register C08)
  const fbAllowed = v.fb * 1.6 * cmFb * laminated
  const heightIn = governing.heightIn
  const ke = free ? 2.1 : 0.8
  const strong = (ke * heightIn) / size.depthIn
  const weak = girtGapIn / (size.solid ? size.widthIn : size.widthIn)
  const at = (cd: number) => {
    const fcStar = v.fc * cd * cmFc
    const one = columnStability({ slenderness: strong, eMinPsi: v.eMin * (wet ? 0.9 : 1), fcStarPsi: fcStar })
    const two = columnStability({ slenderness: weak, eMinPsi: v.eMin * (wet ? 0.9 : 1), fcStarPsi: fcStar })
    return { fce1: one.fcePsi, fcAllowed: fcStar * Math.min(one.cp, size.solid ? two.cp : 0.6 * two.cp) }
  }
  if (strong > 50) return { ...makeCheck({ id, title, stage: 'posts', subjects: [governing.id], demand: strong, capacity: 50, unit: 'le/d', governs: `${governing.id} is too slender: le/d ${sig(strong)} passes the limit of 50.`, fix: 'A deeper post, or a roof diaphragm that holds its top.', trace: () => [line('Slenderness', 'Ke·H/d', `${ke} × ${sig(heightIn)}/${sig(size.depthIn)}`, strong, '', 'NDS 2018 3.7.1.4', 'C07')] }) }
  const weight = (d.postWeightPlf * heightIn) / 12
  const depthFt = Math.max(0.5, k.embedIn / 12)
  const groundM = b.school === 'pier' ? l.actions.fieldMomentFtLb : l.constrained ? l.actions.momentFtLb : Math.max(l.actions.momentFtLb, inGroundMomentFtLb(l.load.shearLb, l.load.momentFtLb, depthFt))
  const combined = (axialLb: number, momentFtLb: number, cd: number) => {
    const c = at(cd)
    const fc = axialLb / size.areaIn2
    const fb = (momentFtLb * 12) / size.sIn3
    const room = 1 - fc / c.fce1
    return { ratio: (fc / c.fcAllowed) ** 2 + (room > 0 ? fb / (fbAllowed * (cd / 1.6) * room) : Infinity), fc, fb, ...c }
  }
  const cladding = ((d.claddingPlf ?? 0) * (heightIn / 12) ** 2) / 8
  const cases = [
    { name: 'D+0.75S+0.75(0.6W)', ...combined(d.deadLb + weight + 0.75 * Math.max(d.snowLb, d.liveLb) + 0.45 * d.windDownLb, 0.75 * groundM, 1.6), m: 0.75 * groundM },
    { name: 'D+0.6W', ...combined(d.deadLb + weight, groundM, 1.6), m: groundM },
    { name: 'cladding wind alone', ...combined(0, cladding, 1.6), m: cladding },
  ]
  const worst = cases.reduce((a, c) => (c.ratio > a.ratio || !Number.isFinite(c.ratio) ? c : a))
  const gravity = (d.gravityLb + weight) / size.areaIn2 / at(1.15).fcAllowed
  const ratio = Math.max(worst.ratio, gravity)
  return makeCheck({
    id, title, stage: 'posts', subjects: [governing.id, ...k.postIds.filter((p) => p !== governing.id)], demand: Number.isFinite(ratio) ? ratio : 9.99, capacity: 1, unit: '',
    governs: gravity > worst.ratio ? `Gravity alone on ${governing.id}.` : `${worst.name} bends ${governing.id} ${b.school === 'pier' ? 'at mid-height' : 'at or below grade'}.`,
    fix: free ? 'Without a roof diaphragm these posts stand alone: a much deeper section, or a checked diaphragm.' : 'A deeper ply, a fourth ply, a better grade, or posts closer together.',
    trace: () => [
      line('Axial stress', 'fc = P/A', `P/${sig(size.areaIn2)}`, worst.fc, 'psi', 'NDS 2018 3.6'),
      line('Slenderness, strong axis', 'Ke·H/d', `${ke} × ${sig(heightIn)}/${sig(size.depthIn)}`, strong, '', 'NDS 2018 3.7.1', free ? 'C07' : undefined),
      line('Allowed axial', "Fc' = Fc·CD·CM·CP", `${sig(v.fc)} × 1.6 × ${cmFc} × CP`, worst.fcAllowed, 'psi', `${v.table}; NDS 2018 3.7, 15.3`, v.verify),
      line('Moment', b.school === 'pier' ? 'w·H²/8' : l.constrained ? 'at grade' : 'largest at or below grade', worst.name, worst.m, 'ft-lb', 'statics', 'C17'),
      line('Bending stress', 'fb = 12·M/S', `12 × ${sig(worst.m)}/${sig(size.sIn3)}`, worst.fb, 'psi', 'NDS 2018 3.3'),
      line('Allowed bending', "Fb' = Fb·CD·CM·lamination", `${sig(v.fb)} × 1.6 × ${cmFb} × ${laminated}`, fbAllowed, 'psi', `${v.table}; NDS 2018 4.3, ASABE EP559`, laminated > 1 ? 'C08' : v.verify),
      line('Together', "(fc/Fc')² + fb/(Fb'·(1−fc/FcE))", `(${sig(worst.fc)}/${sig(worst.fcAllowed)})² + ${sig(worst.fb)}/(${sig(fbAllowed)} × (1−${sig(worst.fc)}/${sig(worst.fce1)}))`, worst.ratio, '', 'NDS 2018 3.9.2'),
    ],
  })
}
