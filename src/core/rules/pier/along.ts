import { type PierCase, ratedCheck } from './case'

/** Brackets against shear in the plane of their wall, lb: a rated value. Null where no wall takes any. */
export const along = ({ pier, posts }: PierCase) =>
  ratedCheck('along', posts, ({ alongLb }) => alongLb, { ratedLb: pier.alongLb, combination: '0.6W' })
