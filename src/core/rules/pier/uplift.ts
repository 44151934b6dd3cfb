import { type PierCase, ratedCheck } from './case'

/** Brackets against what lifts their posts, lb: a rated value. Null where nothing lifts them. */
export const uplift = ({ pier, posts }: PierCase) =>
  ratedCheck('uplift', posts, ({ upLb }) => upLb, { ratedLb: pier.upliftLb, combination: '0.6D+0.6W' })
