'use client'
import { useRef, useState } from 'react'
import { PRICE_LIST } from '@/core/quantities'
import { pricesFromCsv, pricesToCsv } from '@/formats/csv'
import { NumberField } from '@/ui'
import { download } from '../drawing'
import { useDoc } from '../job'

/** The price list: an invented one ships; every price can be typed or read from a CSV file. */
export function PricesMain() {
  const { job, edit, done } = useDoc()
  const own = job.sizing.prices
  const [find, setFind] = useState('')
  const [said, setSaid] = useState<readonly string[]>([])
  const file = useRef<HTMLInputElement>(null)
  const put = (item: string) => (v: number, g: string) =>
    edit(
      `price of ${item}`,
      (j) => ({ ...j, sizing: { ...j.sizing, prices: { ...j.sizing.prices, [item]: v } } }),
      `price-${item}-${g}`,
    )
  const rows = PRICE_LIST.filter((r) => r.item.toLowerCase().includes(find.toLowerCase())).slice(0, 60)
  const read = async (f: File) => {
    if (f.size > 1_000_000) {
      setSaid(['That file is over 1 MB: a price list is a few kilobytes.'])
      return
    }
    const got = pricesFromCsv(await f.text())
    setSaid(got.problems.length ? got.problems.slice(0, 8) : [`${Object.keys(got.prices).length} prices read.`])
    if (Object.keys(got.prices).length)
      edit('prices from a file', (j) => ({
        ...j,
        sizing: { ...j.sizing, prices: { ...j.sizing.prices, ...got.prices } },
      }))
  }
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">
        An invented list in fair proportion; type your yard’s prices over it. Costs are for comparing, not for buying.
      </p>
      <div className="d-flex gap-2 my-2">
        <input
          className="form-control"
          style={{ width: 260 }}
          placeholder="find an item"
          aria-label="Find an item"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <button
          type="button"
          className="btn btn-light"
          onClick={() => download(`${job.name} prices.csv`, 'text/csv', pricesToCsv(own))}
        >
          CSV out
        </button>
        <button type="button" className="btn btn-light" onClick={() => file.current?.click()}>
          CSV in
        </button>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv"
          hidden
          aria-label="Price list file"
          onChange={(e) => {
            const f = e.target.files?.[0]
            e.target.value = ''
            if (f) void read(f)
          }}
        />
        {Object.keys(own).length > 0 && (
          <button
            type="button"
            className="btn btn-light"
            onClick={() => edit('prices as shipped', (j) => ({ ...j, sizing: { ...j.sizing, prices: {} } }))}
          >
            Back to the shipped list
          </button>
        )}
      </div>
      {said.length > 0 && (
        <div className="caution" role="alert">
          {said.map((t, i) => (
            <div key={i}>{t}</div>
          ))}
        </div>
      )}
      <table className="tb" style={{ maxWidth: 560 }}>
        <thead>
          <tr>
            <th>item</th>
            <th>unit</th>
            <th className="n">shipped</th>
            <th className="n">yours</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.item}>
              <td>{r.item}</td>
              <td className="lab">{r.unit}</td>
              <td className="n">{r.price.toFixed(2)}</td>
              <td className="n">
                <NumberField
                  bare
                  label={r.item}
                  ariaLabel={`price of ${r.item}`}
                  value={own[r.item] ?? r.price}
                  onChange={put(r.item)}
                  onDone={done}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
