/** Addresses that mean the machine itself, whoever asks. */
const ITSELF = /^https?:\/\/(127\.\d+\.\d+\.\d+|localhost|\[::1\])[:/]/

/** Whether codes with this address open on no other machine than the one that printed them. */
export const opensHereOnly = (page: string): boolean => ITSELF.test(page)

/** What a sheet says of its codes: what they open, or that they cannot. */
export const codeWords = (page: string, opens: string): string =>
  opensHereOnly(page) ? 'the code opens on the office machine alone: Burdock was not started for the site' : opens
