import { newBuying, newJob, newLeanToParts, NO_RATINGS } from '../model'
import { recordOf } from '../result'
import { withIdentities } from './identities'

type Raw = Record<string, unknown>

/**
 * Fields of `fresh` where `old` has none. What is in `old` stays as it is, right or wrong: the schema judges it
 * afterwards.
 */
const fill = (old: unknown, fresh: unknown): Raw => ({ ...recordOf(fresh), ...recordOf(old) })

/** Version 1 had one lean-to, one dead load and nothing of the roof, joints or bracing. */
function toVersion2(raw: Raw): Raw {
  const fresh = newJob('x')
  const site = recordOf(raw.site)
  const building = recordOf(raw.building)
  const { deadMaxPsf, ...restOfSite } = site
  const { leanTo, ...restOfBuilding } = building
  return {
    ...raw,
    version: 2,
    sizing: raw.sizing ?? fresh.sizing,
    site: fill(
      { ...restOfSite, ...(deadMaxPsf === undefined ? {} : { dead: { by: 'total', psf: deadMaxPsf } }) },
      fresh.site,
    ),
    building: fill(
      {
        ...restOfBuilding,
        post: fill(building.post, fresh.building.post),
        girts: fill(building.girts, fresh.building.girts),
        ...(leanTo === undefined ? {} : { leanTos: leanTo === null ? [] : [fill(leanTo, newLeanToParts())] }),
      },
      fresh.building,
    ),
  }
}

/** Version 2 had nothing of the work on site, nor of the ground. */
function toVersion3(raw: Raw): Raw {
  const fresh = newJob('x')
  return { ...raw, version: 3, fieldwork: raw.fieldwork ?? fresh.fieldwork, ground: raw.ground ?? fresh.ground }
}

/**
 * Version 3 had no gravel, no post left out on purpose, no limit of sway, no strings that fall, no porch or wing, and
 * office readings without a benchmark.
 */
function toVersion4(raw: Raw): Raw {
  const fresh = newJob('x')
  const building = recordOf(raw.building)
  return {
    ...raw,
    version: 4,
    levels: fill(raw.levels, fresh.levels),
    fieldwork: fill(raw.fieldwork, fresh.fieldwork),
    ground: fill(raw.ground, fresh.ground),
    building: { ...fill(building, { gravelIn: 0, bridged: [] }), bracing: fill(building.bracing, { swayOver: null }) },
  }
}

/** Version 4 had no preferred bay. */
function toVersion5(raw: Raw): Raw {
  return { ...raw, version: 5, sizing: fill(raw.sizing, { preferBayIn: null }) }
}

/** Version 6 wrote every length in feet and inches. */
function toVersion7(raw: Raw): Raw {
  return { ...raw, version: 7, units: raw.units ?? 'us' }
}

/** Version 7 kept no figures. */
function toVersion8(raw: Raw): Raw {
  return { ...raw, version: 8, figures: raw.figures ?? [] }
}

/**
 * Version 8 knew nothing of what piers, ties of a slab and doors can take, nor which nails are hardened; its posts were
 * not taken as incised, and no two of them shared a footing. What is not known is not checked.
 */
function toVersion9(raw: Raw): Raw {
  const building = recordOf(raw.building)
  return {
    ...raw,
    version: 9,
    building: {
      ...fill(building, { pier: NO_RATINGS, sharedFootings: [], slabTieLb: null }),
      post: fill(building.post, { incised: true }),
      skin: fill(building.skin, { narrowStrips: false }),
      joints: fill(building.joints, { hardenedRing: false }),
    },
  }
}

/** Up to version 9 the tie of a rafter was that of a truss on its carrier too; trusses on posts had none. */
function toVersion10(raw: Raw): Raw {
  const building = recordOf(raw.building)
  const joints = recordOf(building.joints)
  const onCarriers = recordOf(recordOf(building.roof).truss).set === 'carriers'
  return {
    ...raw,
    version: 10,
    building: { ...building, joints: fill(joints, { trussTieLb: onCarriers ? (joints.rafterTieLb ?? null) : null }) },
  }
}

/** Up to version 10 every job bought by one rule, from one list of lengths. */
function toVersion11(raw: Raw): Raw {
  return { ...raw, version: 11, buying: raw.buying ?? newBuying() }
}

/** Up to version 11 every sheet was printed on letter paper, and no lot was typed. */
function toVersion12(raw: Raw): Raw {
  return {
    ...raw,
    version: 12,
    fieldwork: fill(raw.fieldwork, { paper: 'letter' }),
    plot: raw.plot ?? { corners: [], things: [] },
  }
}

/** Up to version 12 no job was a practice copy, and only some posts were read twice. */
function toVersion13(raw: Raw): Raw {
  return { ...raw, version: 13, practice: false, fieldwork: fill(raw.fieldwork, { secondReadings: 'some' }) }
}

/** Up to version 13 all hardware was bought to spare by one rule. */
function toVersion14(raw: Raw): Raw {
  const buying = recordOf(raw.buying)
  return { ...raw, version: 14, buying: { ...buying, spares: fill(buying.spares, { own: {} }) } }
}

const STEPS: Readonly<Record<number, (raw: Raw) => Raw>> = {
  1: toVersion2,
  2: toVersion3,
  3: toVersion4,
  4: toVersion5,
  5: (raw) => withIdentities(raw, migrate),
  6: toVersion7,
  7: toVersion8,
  8: toVersion9,
  9: toVersion10,
  10: toVersion11,
  11: toVersion12,
  12: toVersion13,
  13: toVersion14,
}

/**
 * Brings a raw job of an older version up to the newest, one version at a time. A version that no step knows is
 * returned as it is.
 */
export function migrate(raw: Raw): Raw {
  let at = raw
  for (let step = STEPS[Number(at.version)]; step; step = STEPS[Number(at.version)]) at = step(at)
  return at
}
