import 'server-only'
import { hash, verify } from '@node-rs/argon2'

/** argon2id as OWASP's cheat sheet of password storage asks at least: 19 MiB, two passes, one lane. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const

export const hashSecret = (secret: string): Promise<string> => hash(secret, COST)

/** A hash of no secret: whoever asks for a name that is not there waits as long as for one that is. */
let nobody: Promise<string> | null = null

/** Whether a secret belongs to a hash; null is the hash of somebody who has none. */
export async function isSecret(secret: string, kept: string | null): Promise<boolean> {
  nobody ??= hashSecret('nobody')
  const fits = await verify(kept ?? (await nobody), secret)
  return fits && kept !== null
}
