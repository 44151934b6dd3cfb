/** One line a step. */
export const say = (text) => process.stdout.write(`burdock: ${text}\n`)
export const stop = (text) => {
  process.stderr.write(`burdock: ${text}\n`)
  process.exit(1)
}
