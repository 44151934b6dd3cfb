import { z } from 'zod'
import { issue, type Issue } from '../result'

/** What somebody is at this office, from the one who may do everything. */
export const ROLES = ['owner', 'office', 'lead', 'crew', 'inspector'] as const
export type Role = (typeof ROLES)[number]

/** Digits of the number that a crew signs in with on a phone that the office knows. */
export const PIN_DIGITS = 6
/** Letters of a password, at least and at most. */
export const LEAST_PASSWORD = 10
const MOST_PASSWORD = 200
/** Letters of a name, at most. */
const MOST_NAME = 60

/** How a role signs in: a crew types gloves-on, and only where the phone itself is known. */
export const secretKindOf = (role: Role): 'pin' | 'password' => (role === 'crew' ? 'pin' : 'password')

export const personName = z.string().trim().min(1).max(MOST_NAME)
/** What is wrong with a secret that somebody of a role has chosen; null where nothing is. */
export function secretIssue(role: Role, secret: string): Issue | null {
  const path = ['secret']
  if (secretKindOf(role) === 'password') {
    if (secret.length > MOST_PASSWORD) return issue('too-long', path, { maximum: MOST_PASSWORD })
    return secret.length < LEAST_PASSWORD ? issue('password-short', path, { least: LEAST_PASSWORD }) : null
  }
  if (!/^\d+$/.test(secret) || secret.length !== PIN_DIGITS) return issue('pin-digits', path, { digits: PIN_DIGITS })
  return isEasy(secret) ? issue('pin-easy', path) : null
}

/** Whether all steps from digit to digit are the same: 000000, 123456, 987654. */
function isEasy(digits: string): boolean {
  const steps = [...digits].slice(1).map((digit, i) => Number(digit) - Number(digits[i]))
  return steps.every((step) => step === steps[0])
}
