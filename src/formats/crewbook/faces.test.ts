import { runsOf } from './faces'
import { svgText } from './svg'

test.each<[string, string[]]>([
  ['Quillback Hill', ['Quillback Hill/Atkinson']],
  ['Żółw', ['Ż/Latin', 'ó/Atkinson', 'ł/Latin', 'w/Atkinson']],
  ['Ωδείο 12', ['Ωδείο /Greek', '12/Atkinson']],
  ['ἀγρός', ['ἀ/GreekExt', 'γρός/Greek']],
  ['Жито ѝ', ['Жито ѝ/Cyrillic']],
  ['ѣ', ['ѣ/CyrillicExt']],
  ['Nguyễn', ['Nguy/Atkinson', 'ễ/Vietnamese', 'n/Atkinson']],
  ['Ångström é', ['Ångström é/Atkinson']],
])('%s is set in the faces that have its letters', (text, runs) =>
  expect(runsOf(text).map((run) => `${run.text}/${run.face}`)).toEqual(runs),
)

test('letters in two parts are put together first', () =>
  expect(runsOf('Ła\u0308 Z\u030c').map(({ face }) => face)).toEqual(['Latin', 'Atkinson', 'Latin']))
test('a drawing names the face of each run, and nothing a person types is markup', () => {
  expect(svgText(1, 2, '<b> Ж')).toContain('&lt;b&gt; <tspan font-family="Cyrillic, sans-serif">Ж</tspan>')
})
