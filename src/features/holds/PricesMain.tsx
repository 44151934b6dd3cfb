'use client'
import { fixed } from '@/core/units'
import { useRef, useState } from 'react'
import { PRICE_LIST } from '@/core/quantities'
import { pricesFromCsv, pricesToCsv } from '@/formats/csv'
import { type DataColumn, DataTable, NumberField } from '@/ui'
import { download } from '../drawing'
import { PocketLinks, useDoc } from '../job'

/** The price list: an invented one ships; every price can be typed or read from a CSV file. */
export function PricesMain() {
  const { job, edit, done } = useDoc()
  const own = job.sizing.prices
  const [find, setFind] = useState('')
  const [said, setSaid] = useState<readonly string[]>([])
  const file = useRef<HTMLInputElement>(null)
  const put = (item: string) => (value: number, gesture: string) =>
    edit(
      `price of ${item}`,
      (job) => ({ ...job, sizing: { ...job.sizing, prices: { ...job.sizing.prices, [item]: value } } }),
      `price-${item}-${gesture}`,
    )
  const columns: readonly DataColumn<(typeof PRICE_LIST)[number]>[] = [
    { id: 'item', head: 'item', cell: (row) => row.item },
    { id: 'unit', head: 'unit', label: true, cell: (row) => row.unit },
    { id: 'shipped', head: 'shipped', figures: true, cell: (row) => fixed(row.price, 2) },
    {
      id: 'yours',
      head: 'yours',
      figures: true,
      cell: (row) => (
        <NumberField
          bare
          label={row.item}
          ariaLabel={`price of ${row.item}`}
          value={own[row.item] ?? row.price}
          onChange={put(row.item)}
          onDone={done}
        />
      ),
    },
  ]
  const rows = PRICE_LIST.filter((row) => row.item.toLowerCase().includes(find.toLowerCase())).slice(0, 60)
  const read = async (file: File) => {
    if (file.size > 1_000_000) {
      setSaid(['That file is over 1 MB: a price list is a few kilobytes.'])
      return
    }
    const got = pricesFromCsv(await file.text())
    setSaid(got.problems.length ? got.problems.slice(0, 8) : [`${Object.keys(got.prices).length} prices read.`])
    if (Object.keys(got.prices).length)
      edit('prices from a file', (job) => ({
        ...job,
        sizing: { ...job.sizing, prices: { ...job.sizing.prices, ...got.prices } },
      }))
  }
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">
        An invented list in fair proportion; type your yard’s prices over it. Costs are for comparing, not for buying.
      </p>
      <PocketLinks topic="suppliers" />
      <div className="d-flex gap-2 my-2">
        <input
          className="form-control"
          style={{ width: 260 }}
          placeholder="find an item"
          aria-label="Find an item"
          value={find}
          onChange={(event) => setFind(event.target.value)}
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
          onChange={(event) => {
            const file = event.target.files?.[0]
            event.target.value = ''
            if (file) void read(file)
          }}
        />
        {Object.keys(own).length > 0 && (
          <button
            type="button"
            className="btn btn-light"
            onClick={() => edit('prices as shipped', (job) => ({ ...job, sizing: { ...job.sizing, prices: {} } }))}
          >
            Back to the shipped list
          </button>
        )}
      </div>
      {said.length > 0 && (
        <div className="caution" role="alert">
          {said.map((text, i) => (
            <div key={i}>{text}</div>
          ))}
        </div>
      )}
      <DataTable
        name="Prices"
        style={{ maxWidth: 560 }}
        columns={columns}
        rows={rows}
        rowKey={(row) => row.item}
        empty="No item of that name."
      />
    </div>
  )
}
