import { type PierCase, ratedCheck } from './case'

/** Brackets against shear square to their wall, lb: a rated value. Null where nothing pushes on the posts. */
export const across = ({ pier, posts }: PierCase) =>
  ratedCheck('across', posts, ({ acrossLb }) => acrossLb, { ratedLb: pier.acrossLb, combination: '0.6W' })
