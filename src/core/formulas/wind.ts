import * as z from 'zod/mini'
import { editionData, kz, velocityPressurePsf, wallPressures, windPressures } from '../loads'
import { EXPOSURES } from '../model'
import { answer, positive } from '../pocket/fields'
import { ok } from '../result'
import { formula, orElse, value, within } from './formula'

const EDITION = 'ASCE 7-16'
/** The slope up to which walls take nine tenths of their coefficients, degrees (ASCE 7-16 Fig. 30.3-1, note 5). */
const FLAT_DEG = 10

const windMph = within(1, 400, 'Basic wind speed, mph')
const exposure = z.enum(EXPOSURES)
const elevationFt = within(-2000, 30_000, 'Ground above the sea, feet')
const directionality = within(0.5, 1, 'Directionality factor')
/** How much a building lets the wind in, in the words that people write it. */
const enclosure = z._default(
  z.enum(['enclosed', 'partially', 'partially enclosed', 'partially_enclosed', 'open']),
  'enclosed',
)
const classOf = (said: z.infer<typeof enclosure>) =>
  said === 'enclosed' || said === 'open' ? said : ('partially' as const)

const velocity = formula({
  name: 'wind.q',
  clause: 'ASCE 7-16 Eq. 26.10-1',
  formula: 'q = 0.00256·Kz·Kzt·Kd·Ke·V²',
  input: z.strictObject({
    V_mph: windMph,
    z_ft: within(0, 500, 'Height above ground, feet'),
    exposure,
    elev_ft: orElse(elevationFt, 0),
    Kzt: orElse(within(1, 5, 'Topographic factor'), 1),
    Kd: orElse(directionality, 0.85),
  }),
  output: value('Velocity pressure, psf'),
  solve: (given) =>
    ok({
      value: velocityPressurePsf({
        kz: kz(given.z_ft, given.exposure),
        elevationFt: given.elev_ft,
        windMph: given.V_mph,
        kzt: given.Kzt,
        kd: given.Kd,
      }),
    }),
})

const cladding = formula({
  name: 'wind.cc_wall',
  clause: 'ASCE 7-16 Fig. 30.3-1, 30.2.2',
  formula: 'p = qh·(GCp − GCpi), 16 psf at least',
  input: z.strictObject({
    qh: within(0, 500, 'Velocity pressure at the mean roof height, psf'),
    area_ft2: positive('Effective wind area, square feet'),
    zone: z.literal([4, 5]),
    enclosure,
    theta_deg: orElse(within(0, 90, 'Slope of the roof, degrees'), 20),
  }),
  output: z.object({ pos_psf: answer('Toward the wall'), neg_psf: answer('Away from it, under 0') }),
  solve: (given) => {
    const found = wallPressures({
      qhPsf: given.qh,
      areaFt2: given.area_ft2,
      zone: given.zone,
      flatRoof: given.theta_deg <= FLAT_DEG,
      gcpi: editionData(EDITION).gcpi[classOf(given.enclosure)],
    })
    return ok({ pos_psf: found.inwardPsf, neg_psf: found.outwardPsf })
  },
})

const transverse = formula({
  name: 'wind.mwfrs_transverse',
  clause: 'ASCE 7-16 Fig. 27.3-1',
  formula: 'p = qh·G·Cp; inside ±qh·GCpi',
  input: z.strictObject({
    V_mph: windMph,
    exposure,
    elev_ft: orElse(elevationFt, 0),
    eave_ft: within(4, 60, 'Height of the eave, feet'),
    rise_per_12: within(0, 12, 'Rise in twelve of run'),
    width_ft: within(4, 1000, 'Eave to eave, feet'),
    length_ft: within(4, 5000, 'Along the ridge, feet'),
    enclosure,
    Kd: orElse(directionality, 0.85),
    G: orElse(within(0.5, 2, 'Gust factor'), 0.85),
  }),
  output: z.object({
    h_ft: answer('Mean roof height'),
    qh_psf: answer('Velocity pressure there'),
    windward_wall_psf: answer('Toward the windward wall'),
    leeward_wall_psf: answer('On the leeward wall: away, under 0'),
    side_wall_psf: answer('On the side walls: away, under 0'),
    internal_psf: answer('Inside, either way'),
    walls_sum_psf: answer('Both walls together, external'),
    cp_leeward_wall: answer('Coefficient of the leeward wall'),
    cp_roof_leeward: answer('Coefficient of the leeward slope'),
  }),
  solve: (given) => {
    const wind = windPressures(
      { edition: EDITION, windMph: given.V_mph, exposure: given.exposure, elevationFt: given.elev_ft, kzt: 1 },
      {
        lengthFt: given.length_ft,
        widthFt: given.width_ft,
        heelFt: given.eave_ft,
        pitchPer12: given.rise_per_12,
      },
      classOf(given.enclosure),
      { kd: given.Kd, gust: given.G },
    )
    return ok({
      h_ft: wind.meanHeightFt,
      qh_psf: wind.qhPsf,
      windward_wall_psf: wind.windwardPsf,
      leeward_wall_psf: wind.leewardPsf,
      side_wall_psf: wind.sidePsf,
      internal_psf: wind.internalPsf,
      walls_sum_psf: wind.windwardPsf - wind.leewardPsf,
      cp_leeward_wall: wind.cp.leeward,
      cp_roof_leeward: wind.cp.roofLeeward,
    })
  },
})

/** Wind, ASCE 7-16 chapters 26, 27 and 30. */
export const WIND = [velocity, cladding, transverse] as const
