/** The stores of the field in a browser, as data: a page's head opens them before any script of ours has come. */
export const FIELD_STORE = {
  name: 'burdock-field',
  /** As browsers count it. */
  version: 10,
  parts: [
    { part: 'records', index: 'jobId' },
    { part: 'meta', index: null },
  ],
} as const
