import type { Reply, Trouble } from './api'

/** Why the server did nothing, for the middle of a sentence. */
export const TROUBLE_WORDS: Readonly<Record<Trouble, string>> = {
  away: 'the server is away',
  busy: 'the server has too much to do at once',
  full: 'the disk of the office machine is full',
  'read-only': 'the database of the office machine cannot be written',
  'signed-out': 'you are signed out here',
  'not-allowed': 'your role does not do this',
}

/** What kept the server from answering; whatever else it said that is no answer here is asked for again like one that is away. */
export const troubleOf = ({ kind }: Pick<Reply<unknown>, 'kind'>): Trouble =>
  kind in TROUBLE_WORDS ? (kind as Trouble) : 'away'
