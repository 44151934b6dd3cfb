/** Room for rounding in doubles where a count or a ratio stands just at its limit. No unit. */
export const ROUNDING = 1e-9
