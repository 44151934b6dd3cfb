/** The stores of the field in a browser. */
export const FIELD_STORE = {
  name: 'burdock-field',
  /** As browsers count it. */
  version: 10,
  parts: [
    { part: 'records', index: 'jobId' },
    { part: 'meta', index: null },
  ],
} as const
