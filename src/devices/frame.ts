/** Longest that a frame is waited for, ms: a page that is not looked at has none. */
const FRAME_MS = 300

/** After the frame that shows what was just drawn: for work that a person need not wait for. */
export const afterFrame = (): Promise<void> =>
  typeof requestAnimationFrame === 'undefined'
    ? Promise.resolve()
    : new Promise((resolve) => {
        setTimeout(resolve, FRAME_MS)
        requestAnimationFrame(() => setTimeout(resolve))
      })
