'use client'
import { tableFeatures, useTable, type ColumnDef } from '@tanstack/react-table'
import { useMemo, type CSSProperties, type ReactNode } from 'react'

const FEATURES = tableFeatures({})

/** One column of a table: its head, and what stands in it for a row. */
export interface DataColumn<Row> {
  readonly id: string
  readonly head: ReactNode
  /** Figures stand to the right and line up. */
  readonly figures?: boolean
  /** Names, set in the label face. */
  readonly label?: boolean
  readonly cell: (row: Row, index: number) => ReactNode
}

interface Props<Row> {
  readonly name: string
  readonly columns: readonly DataColumn<Row>[]
  readonly rows: readonly Row[]
  readonly rowKey: (row: Row) => string
  readonly rowClass?: (row: Row) => string | undefined
  readonly rowStyle?: (row: Row) => CSSProperties | undefined
  readonly onPick?: (row: Row) => void
  /** What is said where there are no rows. */
  readonly empty?: ReactNode
  readonly style?: CSSProperties
  readonly className?: string
}

const classOf = (column: DataColumn<never>): string | undefined => {
  if (column.figures) return 'n'
  return column.label ? 'lab' : undefined
}

/** The table of the whole application: heads, rows, figures to the right, and words where nothing is there. */
export function DataTable<Row extends object>(props: Props<Row>) {
  const { columns, rows, rowKey, onPick } = props
  const definitions = useMemo(
    (): ColumnDef<typeof FEATURES, Row>[] =>
      columns.map((column) => ({
        id: column.id,
        header: () => column.head,
        cell: ({ row }) => column.cell(row.original, row.index),
      })),
    [columns],
  )
  const data = useMemo(() => [...rows], [rows])
  const table = useTable({ features: FEATURES, columns: definitions, data, getRowId: rowKey })
  const byId = new Map(columns.map((column) => [column.id, column]))
  const cellClass = (id: string) => classOf(byId.get(id) as DataColumn<never>)
  return (
    <table className={`tb ${props.className ?? ''}`.trim()} aria-label={props.name} style={props.style}>
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id}>
            {group.headers.map((header) => (
              <th key={header.id} className={byId.get(header.column.id)?.figures ? 'n' : undefined}>
                <table.FlexRender header={header} />
              </th>
            ))}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <tr
            key={row.id}
            className={props.rowClass?.(row.original)}
            style={props.rowStyle?.(row.original)}
            onClick={onPick && (() => onPick(row.original))}
          >
            {row.getAllCells().map((cell) => (
              <td key={cell.id} className={cellClass(cell.column.id)}>
                <table.FlexRender cell={cell} />
              </td>
            ))}
          </tr>
        ))}
        {rows.length === 0 && props.empty && (
          <tr>
            <td colSpan={columns.length} className="note">
              {props.empty}
            </td>
          </tr>
        )}
      </tbody>
    </table>
  )
}
