import { IN_PER_FT, radians, IN2_PER_FT2 } from '../units'
import { nailOf, nailStrength, SCREW_IN, screwWithdrawal } from '../joints'
import { type Grid, purlinPlaces, type TrussPlan } from '../layout'
import { roofLivePsf, type RoofZone, WIND_ASD, DEAD_AGAINST_WIND } from '../loads'
import type { Building, Job } from '../model'
import { type Check, line, makeCheck, notChecked, sig, item, firstOf } from '../result'
import { specificGravity, DURATION } from '../wood'
import { type PurlinLoads, purlinMember } from './purlinMember'
import type { SiteResults } from '../frame/siteResults'
import { spanChecks } from './spanCheck'

/** Loads of the main roof's purlins. Null where the roof's cladding wind is not covered. */
export function mainPurlinLoads(
  building: Building,
  results: SiteResults,
  spanIn: number,
  zones: readonly RoofZone[],
): PurlinLoads | null {
  const snow = results.snow
  const snowPsf = Math.max(
    snow.psPsf,
    snow.pmPsf,
    snow.unbalanced ? snow.unbalanced.leewardPsf + snow.unbalanced.surchargePsf : 0,
  )
  const base = {
    thetaDeg: results.wind.thetaDeg,
    deadPsf: results.dead.slopePsf,
    leastPsf: results.site.dead.by === 'parts' ? results.dead.slopePsf : Math.min(1.5, results.dead.minPsf),
    snowPsf,
    livePsf: roofLivePsf((spanIn * building.roof.purlins.spaceIn) / IN2_PER_FT2, building.pitchPer12),
  }
  if (results.enclosure.class === 'open') {
    const cn = building.skin.openRoofCn
    if (cn === null) return null
    const psf = results.claddingQhPsf * 0.85 * cn
    return { ...base, windInPsf: psf, zones: [{ zone: 'open roof', upPsf: psf }] }
  }
  if (!results.roofCladding) return null
  const roofCladding = results.roofCladding
  return {
    ...base,
    windInPsf: roofCladding.inwardPsf,
    zones: zones.map((zone) => ({ zone, upPsf: roofCladding.zonePsf[zone] })),
  }
}

/** Rows of purlins on both slopes of the main roof. */
export const purlinRows = (building: Building, grid: Grid): number => 2 * purlinPlaces(building, grid).length

/** Uplift at one support of a purlin against its fixing: a rated tie, nails through a flat board, or toe-nails. */
function fixing({
  building,
  id,
  title,
  pullLb,
  where,
  group = 'joint',
}: {
  building: Building
  id: string
  title: string
  pullLb: number
  where: string
  group?: 'joint'
}): Check {
  const joints = building.joints
  const purlins = building.roof.purlins
  const head = {
    id,
    title,
    stage: 'roof' as const,
    group,
    subjects: [],
    demand: Math.max(0, pullLb),
    unit: 'lb',
    combination: '0.6D+0.6W',
    place: where,
  }
  if (joints.purlinTieLb !== null)
    return makeCheck({
      ...head,
      capacity: joints.purlinTieLb,
      governs: `Wind lifts a purlin ${Math.round(pullLb)} lb off its support; the tie is rated ${joints.purlinTieLb} lb.`,
      fix: 'A stronger tie, or closer purlins.',
      trace: () => [
        line({
          label: 'Rated tie or hanger',
          formula: 'typed',
          numbers: sig(joints.purlinTieLb ?? 0),
          value: joints.purlinTieLb ?? 0,
          unit: 'lb',
          clause: 'maker’s report',
        }),
      ],
    })
  const nail = nailOf(joints.purlin.nail)
  if (!nail)
    return notChecked({
      id,
      title,
      stage: 'roof',
      why: `No nail is called “${joints.purlin.nail}” on the list.`,
      fix: 'Choose a listed nail, or enter the rating of the tie.',
    })
  const flat = purlins.style === 'flat'
  // A toe-nail enters a third of its length up the side and slants 30°: a third of it is in the purlin, 0.533 in what
  // it rests on (NDS 12.1.5.4).
  const shape = flat
    ? { nail, sideIn: 1.5 }
    : { nail: { ...nail, lengthIn: nail.lengthIn * (1 / 3 + 0.533) }, sideIn: nail.lengthIn / 3 }
  const gravity = specificGravity(purlins.lumber, building.grades)
  const one = nailStrength({
    ...shape,
    mainIn: 5,
    gMain: gravity,
    gSide: gravity,
    duration: DURATION.wind,
    wet: false,
    toeNail: !flat,
  })
  return makeCheck({
    ...head,
    capacity: one.pullLb * joints.purlin.count,
    governs:
      `Wind lifts a purlin ${Math.round(pullLb)} lb off its support; ${joints.purlin.count} ` +
      `${nail.name}${flat ? '' : ', toe-nailed,'} hold it.`,
    fix: 'A rated tie or hanger at each support in these zones.',
    trace: () => [
      ...one.trace,
      line({
        label: 'All nails',
        formula: 'n·each',
        numbers: `${joints.purlin.count} × ${sig(one.pullLb)}`,
        value: one.pullLb * joints.purlin.count,
        unit: 'lb',
        clause: 'NDS 2018 12.2, 12.1.5.4',
      }),
    ],
  })
}

/** Screws of the sheet under suction: out of the wood, and the sheet over the head. */
function screwCheck({
  purlins,
  building,
  field,
  rake,
}: {
  readonly purlins: Building['roof']['purlins']
  readonly building: Building
  readonly field: PurlinLoads
  readonly rake: PurlinLoads
}): Check {
  const gravity = specificGravity(purlins.lumber, building.grades)
  const screw = building.joints.screw
  const worst = Math.max(...field.zones.concat(rake.zones).map((zone) => Math.abs(zone.upPsf)))
  const demand = (WIND_ASD * worst * (purlins.spaceIn / IN_PER_FT) * screw.spacingIn) / IN_PER_FT
  const hold = screwWithdrawal(gravity, SCREW_IN[screw.gauge]) * screw.threadIn * DURATION.wind
  const over = building.skin.pullOverLb
  return over === null
    ? notChecked({
        id: 'screws',
        title: 'Skin screws',
        stage: 'roof',
        why:
          `The wood holds ${Math.round(hold)} lb a screw against ${Math.round(demand)} lb; whether the sheet ` +
          'pulls over the head is not known.',
        fix: 'Enter the panel maker’s pull-over strength.',
      })
    : makeCheck({
        id: 'screws',
        title: 'Skin screws',
        stage: 'roof',
        group: 'joint',
        subjects: [],
        demand,
        capacity: Math.min(hold, over),
        unit: 'lb',
        combination: '0.6W',
        place: 'corners',
        governs:
          `Wind pulls ${Math.round(demand)} lb on each screw; ` +
          `${hold <= over ? 'the wood' : 'the sheet over its head'} gives first.`,
        fix: 'Screws closer together, or closer purlins.',
        trace: () => [
          line({
            label: 'Pull on one screw',
            formula: '0.6·p·s·spacing',
            numbers: `0.6 × ${sig(worst)} × ${sig(purlins.spaceIn / IN_PER_FT)} × ${sig(screw.spacingIn / IN_PER_FT)}`,
            value: demand,
            unit: 'lb',
            clause: 'ASCE 7-16 Fig. 30.3-2',
          }),
          line({
            label: 'Wood',
            formula: '2850·G²·D·p·CD',
            numbers: `2850 × ${gravity}² × ${SCREW_IN[screw.gauge]} × ${screw.threadIn} × 1.6`,
            value: hold,
            unit: 'lb',
            clause: 'NDS 2018 12.2.2',
          }),
          line({
            label: 'Sheet',
            formula: 'typed',
            numbers: sig(over),
            value: over,
            unit: 'lb',
            clause: 'maker’s report',
          }),
        ],
      })
}

/** Purlins of the main roof: gravity, wind up by zone, sag, fixings and skin screws. */
export function purlinChecks(job: Job, plan: TrussPlan, results: SiteResults): Check[] {
  const building = job.building
  const purlins = building.roof.purlins
  const spanIn = plan.trusses
    .slice(1)
    .reduce((most, truss, i) => Math.max(most, truss.xIn - item(plan.trusses, i).xIn), 0)
  const open = results.enclosure.class === 'open'
  const field = mainPurlinLoads(building, results, spanIn, ['1', '2e', '2r'])
  const rake = mainPurlinLoads(building, results, spanIn, ['2n', '3e', '3r'])
  if (!field || !rake) {
    return [
      notChecked({
        id: 'purlins',
        title: 'Purlins',
        stage: 'roof',
        why: open
          ? 'Cladding wind on an open roof is not in the table here: its coefficient CN has not been entered.'
          : 'Cladding wind on roofs steeper than 45° is not covered.',
        fix: open ? 'Enter CN from the standard, or take the purlins to an engineer.' : 'Take these to an engineer.',
      }),
    ]
  }
  const fix = purlins.skinHolds
    ? 'Closer rows, a deeper purlin, a better grade, or blocks at mid-span against uplift.'
    : 'Screwed skin that holds their top edges, or deeper purlins.'
  const out = [
    ...spanChecks(
      purlinMember({
        building,
        id: 'purlins',
        title: 'Purlins, field of the roof',
        group: 'purlin',
        spanIn,
        purlinLoads: field,
        fix,
      }),
    ),
    ...(open
      ? []
      : spanChecks(
          purlinMember({
            building,
            id: 'purlins-rake',
            title: 'Purlins by the rakes',
            group: 'purlin',
            spanIn,
            purlinLoads: { ...rake, snowPsf: field.snowPsf },
            fix,
          }),
        ).filter((check) => !check.id.endsWith('-sag'))),
  ]
  if (firstOf(out).state === 'not-checked') return out
  const cos = Math.cos(radians(field.thetaDeg))
  const pull = (zones: readonly { readonly upPsf: number }[]) =>
    (WIND_ASD * Math.max(...zones.map((zone) => Math.abs(zone.upPsf))) - DEAD_AGAINST_WIND * field.leastPsf * cos) *
    (purlins.spaceIn / IN_PER_FT) *
    (spanIn / IN_PER_FT)
  out.push(
    fixing({
      building,
      id: 'purlin-tie',
      title: 'Purlin ties, field of the roof',
      pullLb: pull(field.zones),
      where: 'field',
    }),
  )
  if (!open)
    out.push(
      fixing({
        building,
        id: 'purlin-tie-rake',
        title: 'Purlin ties by the rakes',
        pullLb: pull(rake.zones),
        where: 'rake, eave and ridge corners',
      }),
    )
  out.push(screwCheck({ purlins, building, field, rake }))
  return out
}
