/** Inches in a foot. */
export const IN_PER_FT = 12
/** Millimeters in one inch, exact. */
export const MM_PER_IN = 25.4
export const MM_PER_M = 1000
/** Meters in a foot, exact, and newtons in a pound. */
export const M_PER_FT = 0.3048
export const N_PER_LB = 4.4482216152605
/** Pascals in a pound on a square foot. */
export const PA_PER_PSF = N_PER_LB / M_PER_FT ** 2
/** Feet in a mile, and seconds in an hour: miles an hour to feet a second. */
export const FPS_PER_MPH = 5280 / 3600
/** Square inches in a square foot. */
export const IN2_PER_FT2 = IN_PER_FT ** 2
/** Cubic feet in a cubic yard. */
export const FT3_PER_YD3 = 27
/** A pitch is its rise, in inches, for this run. */
export const PITCH_RUN_IN = 12
/** Lengths nearer than this are the same length: far under what a tape shows, far over rounding in doubles. Inches. */
export const SAME_IN = 1e-6

/** Degrees as radians. */
export const radians = (deg: number): number => (deg * Math.PI) / 180

/** Radians as degrees. */
export const degrees = (rad: number): number => (rad * 180) / Math.PI

/** Angle of a roof from its rise in 12, radians. */
export const pitchRadians = (pitchPer12: number): number => Math.atan(pitchPer12 / PITCH_RUN_IN)
/** Half of the finest mark of a tape (a sixteenth): places nearer than this are marked as one, inches. */
export const HALF_MARK_IN = 1 / 32
