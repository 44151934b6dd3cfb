/** A coded problem with one input: where it is and the bare facts. Sentences for people are made in `formats/words`. */
export interface Issue {
  readonly path: readonly (string | number)[]
  readonly code: IssueCode
  readonly facts: Readonly<Record<string, number | string>>
}

export type IssueCode =
  | 'empty'
  | 'not-a-length'
  | 'not-a-number'
  | 'not-finite'
  | 'inches-over-foot'
  | 'sixteenths-over-inch'
  | 'wrong-unit'
  | 'not-on-a-tape'
  | 'too-small'
  | 'too-large'
  | 'not-whole'
  | 'not-a-choice'
  | 'wrong-type'
  | 'missing'
  | 'unknown-field'
  | 'too-long'
  | 'too-many'
  | 'too-few'
  | 'not-json'
  | 'wrong-format'
  | 'newer-version'
  | 'file-too-large'
  | 'damaged-file'
  | 'not-a-backup'
  | 'bays-do-not-close'
  | 'too-many-bays'
  | 'last-bay-too-wide'
  | 'last-bay-too-narrow'
  | 'opening-wider-than-wall'
  | 'opening-past-corner'
  | 'opening-over-heel'
  | 'openings-overlap'
  | 'opening-too-near-corner'
  | 'corner-not-on-wall'
  | 'post-in-opening'
  | 'posts-collide'
  | 'lean-to-too-low'
  | 'lean-to-too-steep'
  | 'lean-to-twice'
  | 'sill-needs-window'
  | 'pier-needs-diaphragm'
  | 'own-soil-missing'
  | 'duplicate-id'
  | 'duplicate-name'
  | 'skirt-over-heel'
  | 'unknown-lumber'
  | 'no-such-post'
  | 'no-such-revision'
  | 'name-of-two'
  | 'id-taken'
  | 'left-with-office'
  | 'guest-until'
  | 'not-stored'
  | 'clock-far'
  | 'held-step'
  | 'too-large-to-make'
  | 'stands-with-door'
  | 'holds-its-place'
  | 'post-cannot-stay'
  | 'kept-too-wide'
  | 'kept-too-narrow'
  | 'recorded-post'
  | 'triangle-cannot-close'
  | 'too-few-measures'
  | 'not-a-record'
  | 'no-room'
  | 'not-ascending'
  | 'begins-at-zero'
  | 'outside'
  | 'one-or-the-other'
  | 'unlike-count'
  | 'nobody-has'
  | 'too-far-apart'
  | 'unknown-figure'
  | 'too-slender'
  | 'mechanism'
  | 'password-short'
  | 'pin-digits'
  | 'pin-easy'
  | 'name-taken'
  | 'sign-in-failed'
  | 'phone-not-known'
  | 'too-many-tries'
  | 'invitation-over'
  | 'not-your-part'
  | 'a-leads-part'
  | 'not-a-picture'
  | 'not-yours'
  | 'owner-there'
  | 'setup-code'
  | 'last-owner'

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue[] }

/** Wraps a value as a success. */
export const ok = <T>(value: T): Result<T> => ({ ok: true, value })

/** Wraps one coded problem as a failure. */
export const fail = (
  code: IssueCode,
  path: readonly (string | number)[] = [],
  facts: Issue['facts'] = {},
): { readonly ok: false; readonly issues: readonly Issue[] } => ({ ok: false, issues: [{ code, path, facts }] })

/** Builds one coded problem. */
export const issue = (code: IssueCode, path: readonly (string | number)[] = [], facts: Issue['facts'] = {}): Issue => ({
  code,
  path,
  facts,
})
