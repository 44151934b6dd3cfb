import { type FieldRecord, WHO_MOST_LETTERS } from '../field'
import type { Role } from './roles'

/** Whoever sends a record: their role, and who they are. */
export interface Sender {
  readonly id: string
  readonly name: string
  readonly role: Role
}

/** Between who has made a record and who was signed in when it came in, where these are two. */
export const THROUGH = ', through '

/**
 * Who has made a record: what its phone says, and who was signed in when it came in, where that is somebody else. A name
 * that a phone says is not proof; where both do not fit, the one that is known stands alone.
 */
export function whoMade(said: string, sender: Pick<Sender, 'name'> | null): string {
  if (!sender || said === sender.name) return said
  const both = said === '' ? sender.name : `${said}${THROUGH}${sender.name}`
  return both.length > WHO_MOST_LETTERS ? sender.name : both
}

/** Why a record of a person is not taken. */
export type NotTheirs = 'not-your-part' | 'not-yours' | 'a-leads-part'

const LEADING: readonly Role[] = ['owner', 'office', 'lead']

/** What an inspector adds: that something has been looked at. */
const isInspection = ({ body }: FieldRecord): boolean =>
  body.kind === 'void' ||
  body.kind === 'sign' ||
  body.kind === 'note' ||
  (body.kind === 'state' && body.state === 'inspected') ||
  (body.kind === 'pieces' && body.state === 'checked')

/** What only a lead says: that a reading is kept although it does not agree, that a step comes out of order. */
const isLeads = ({ body }: FieldRecord): boolean => body.kind === 'keep' || body.kind === 'override'
/** What an inspector or a lead says: that something was looked at and passed. */
const isSigned = ({ body }: FieldRecord): boolean => body.kind === 'sign'

/** Whether somebody may say what only a lead says. */
export const leads = (role: Role): boolean => LEADING.includes(role)

/**
 * What keeps somebody from adding a record; null where nothing does. An inspector looks at things; only a lead takes
 * back what somebody else has said. `saidBy` tells who sent the record that is taken back: null where nobody had signed in
 * then, undefined where it is not known here.
 */
export function notTheirs(
  sender: Pick<Sender, 'id' | 'role'>,
  record: FieldRecord,
  saidBy: string | null | undefined,
): NotTheirs | null {
  if (sender.role === 'inspector' && !isInspection(record)) return 'not-your-part'
  if (isLeads(record) && !leads(sender.role)) return 'a-leads-part'
  if (isSigned(record) && sender.role === 'crew') return 'a-leads-part'
  if (record.body.kind !== 'void' || leads(sender.role)) return null
  return saidBy === undefined || saidBy === sender.id ? null : 'not-yours'
}
