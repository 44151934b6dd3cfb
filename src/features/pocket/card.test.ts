import { inputsOf } from './Card'
import { SHEETS } from './sheets'
import { readTyped, typedOf } from './typed'

// A card says what went in, whatever it was: a stick is cut from it days later.
test.each([
  ['knee-brace', /down the post 36 1\/2″.*saw reaches 50 °/s],
  ['eave-line', /string to the eave, in order 1 1\/2″, 2″, 2 1\/4″/],
  ['rod-marks', /rod on the ground at each post A1 4′ 2″, A2 4′ 0 1\/2″/],
  ['suppliers', /what is needed 2×6×12 40, .*who has it, and for how much yard, mill, pit/s],
  ['matured', /60×6 48×6/],
  ['bags', /over-dig and waste 10 %/],
] as const)('%s', async (name, says) => {
  const sheet = (await SHEETS[name]()).default
  const read = readTyped(sheet.fields, typedOf(sheet.fields, null, 'us'), 'us')
  if (!read.ok) throw new Error(name)
  const words = inputsOf(sheet, read.value, 'us').map(([label, text]) => `${label} ${text}`)
  expect(words.join(' · ').replaceAll('\u00a0', ' ')).toMatch(says)
})
