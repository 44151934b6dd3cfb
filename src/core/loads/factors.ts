/** Wind at strength level to allowable stress (ASCE 7-16 2.4.1, combinations 5 to 7). */
export const WIND_ASD = 0.6
/** Dead load that may be counted on against wind (ASCE 7-16 2.4.1, combination 7). */
export const DEAD_AGAINST_WIND = 0.6
/** Wind for sag, of the allowable-stress wind: 0.42·W of strength level (IBC 2021 Table 1604.3, note f). */
export const WIND_FOR_SAG = 0.42
