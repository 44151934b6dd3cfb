import { GLOSSARY } from './glossary'
import { HINTS, STAGE_HELP } from './stageHelp'

const known = new Set(GLOSSARY.map(({ term }) => term))
test.each(Object.entries(STAGE_HELP))('the help of %s names terms that the glossary has', (_, { steps, terms }) => {
  expect(terms.filter((term) => !known.has(term))).toEqual([])
  expect(steps.length).toBeGreaterThan(0)
})
test('five hints, each at a stage of its own', () => expect(new Set(HINTS.map(({ stage }) => stage)).size).toBe(5))
