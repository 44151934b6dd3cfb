/**
 * The end of a switch over a closed union: the compiler refuses it while a member has no case. Throws where a value
 * from outside the types gets there all the same: that is a bug in the caller.
 */
export function unreachable(value: never): never {
  throw new Error(`not a member of its union: ${JSON.stringify(value)}`)
}
