/** Room for rounding in doubles where a count or a ratio stands just at its limit. No unit. */
export const ROUNDING = 1e-9
/** What counts as nothing beside forces, areas and shares of ordinary size. In the unit of what it is compared with. */
export const NEGLIGIBLE = 1e-6
