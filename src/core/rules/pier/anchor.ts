import { type PierCase, ratedCheck } from './case'

/**
 * Anchors of the brackets in the concrete against what lifts their posts, lb: a rated value (ACI 318-19 chapter 17).
 * Null where nothing lifts them.
 */
export const anchor = ({ pier, posts }: PierCase) =>
  ratedCheck('anchor', posts, ({ upLb }) => upLb, { ratedLb: pier.anchorLb, combination: '0.6D+0.6W' })
