import type { Block } from '@/formats/crewbook'
import { unbroken } from '@/formats/plain'
import { SheetDrawing } from './SheetDrawing'

/** One part of a sheet of the papers on screen: the same as on paper. */
export function SheetPart({ block }: { readonly block: Block }) {
  switch (block.kind) {
    case 'text':
      return (
        <p style={block.strong ? { fontWeight: 700, marginTop: 8 } : { fontSize: '11pt', whiteSpace: 'pre-line' }}>
          {unbroken(block.text)}
        </p>
      )
    case 'box':
      return (
        <div style={{ border: '1px solid #000', height: `${block.heightPt}pt`, padding: 4, fontSize: '9.5pt' }}>
          {unbroken(block.text)}
        </div>
      )
    case 'caution':
      return <div className="warnbox">{unbroken(block.text)}</div>
    case 'svg':
      return <SheetDrawing block={block} />
    case 'table':
      return (
        <table>
          <thead>
            <tr>
              {block.head.map((text, i) => (
                <th key={i} className={block.right.includes(i) ? 'n' : ''}>
                  {text}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {block.rows.map((row, k) => (
              <tr key={k}>
                {row.map((text, i) => (
                  <td key={i} className={`${block.right.includes(i) ? 'n' : ''} ${block.big.includes(i) ? 'b' : ''}`}>
                    {unbroken(text)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )
  }
}
