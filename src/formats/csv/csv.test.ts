import Papa from 'papaparse'
import { toCsv } from './csv'

const written = (cell: string | number) => {
  const text = toCsv([{ note: cell }])
  return { text, cell: Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true }).data[0]?.note }
}
const BAIT = '=HYPERLINK("http://evil.test","x")'

test.each([
  ['at its start', BAIT],
  ['with a line break in it', `=1+1\nnext`],
  ['after a line break', `ledge\n${BAIT}`],
  ['after a break of another kind', `ledge\u2028${BAIT}`],
  ['behind a carriage return', `\r${BAIT}`],
  ['behind spaces', `  ${BAIT}`],
  ['behind a tab', `\t+1`],
  ['as a mention', '@SUM(A1)'],
  ['as a difference', '-2+3'],
])('a formula %s is no formula any more', (_, cell) => {
  const { text } = written(cell)
  // Read however a spreadsheet reads it: by whole cells, or by lines, commas and quotes.
  for (const piece of text.split(/[\r\n\u2028]+/).flatMap((line) => [line, ...line.split(/[,"]/)]))
    expect(piece).not.toMatch(/^\s*[=+@-]/)
})
test.each<[string, string | number, string]>([
  ['a number below zero stays a number', -3.5, '-3.5'],
  ['a length stays as it is', '12\' 6 5/8"', '12\' 6 5/8"'],
  ['a comma and a quote come back', 'rock, "ledge"', 'rock, "ledge"'],
  ['a break becomes a space', 'one\r\ntwo', 'one two'],
])('%s', (_, cell, expected) => expect(written(cell).cell).toBe(expected))
