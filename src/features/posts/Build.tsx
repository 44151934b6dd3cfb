'use client'
import { named } from '@/core/layout'
import { buyingOf, type ColumnCard, columnCard } from '@/core/sticks'
import { counted } from '@/core/units'
import { Length, Measure, Quantity, useWriter } from '@/ui'
import { Materials, Note, useSize } from '../drawing'
import { useMeasured } from '../field'
import { useDoc, useJob } from '../job'
import type { LaminationPlan } from '@/core/joints'
import type { Job, Side } from '@/core/model'
import { endWall } from '@/formats/words'

/** The card's numbers. */
function CardTable({
  card,
  nails,
  job,
  wallNames,
}: {
  readonly card: ColumnCard
  readonly nails: LaminationPlan | null
  readonly job: Job
  readonly wallNames: Readonly<Record<Side, string>>
}) {
  return (
    <table className="tb">
      <tbody>
        <tr>
          <td>Foot to seat</td>
          <td className="n">
            <Measure inches={card.seatIn} />
          </td>
        </tr>
        <tr>
          <td>Foot to its top: cut</td>
          <td className="n">
            <Measure inches={card.lengthIn} />
          </td>
        </tr>
        {card.pocketIn > 0 && (
          <tr>
            <td>Pocket for the truss</td>
            <td className="n">
              <Measure inches={card.pocketIn} feet={false} />
            </td>
          </tr>
        )}
        {card.trussNotch && (
          <tr>
            <td>
              Notch for the truss, side toward the {endWall(card.trussNotch.side, wallNames)},{' '}
              <Measure inches={card.trussNotch.depthIn} feet={false} /> deep
            </td>
            <td className="n">
              <Measure inches={card.trussNotch.fromFootIn} />
            </td>
          </tr>
        )}
        {card.notches.map((notch) => (
          <tr key={notch.face}>
            <td>
              Notch, {notch.face} face, <Measure inches={notch.depthIn} feet={false} /> deep
            </td>
            <td className="n">
              <Measure inches={notch.fromFootIn} />
            </td>
          </tr>
        ))}
        {card.tongueIn !== null && (
          <tr>
            <td>Left behind the notches</td>
            <td className="n">
              <Measure inches={card.tongueIn} feet={false} />
            </td>
          </tr>
        )}
        {card.bevelDeg > 0 && (
          <tr>
            <td>Top cut to the roof</td>
            <td className="n">
              <Quantity value={card.bevelDeg} kind="deg" />, <Measure inches={card.bevelIn} feet={false} />
            </td>
          </tr>
        )}
        <tr>
          <td>Treated up to</td>
          <td className="n">
            <Measure inches={card.treatedToIn} />
          </td>
        </tr>
        <tr>
          <td>Weight, wet</td>
          <td className="n">
            <Quantity value={card.weightLb} kind="weightLb" />
          </td>
        </tr>
        {nails && (
          <>
            <tr>
              <td>Nails, {job.building.joints.lamination.nail}</td>
              <td className="n">
                {nails.total}, {nails.nailsPerFace} a face
              </td>
            </tr>
            <tr>
              <td>Columns of nails</td>
              <td className="n">
                {nails.columns} at <Measure inches={nails.spacingIn} feet={false} />
              </td>
            </tr>
          </>
        )}
        {card.bolts.map((bolt) => (
          <tr key={bolt.what}>
            <td>{bolt.what}</td>
            <td className="n">
              <Measure inches={bolt.fromFootIn} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** The pocket at the head of the column. */
function PocketMark({
  x,
  yAt,
  card,
  wide,
  scale,
  nails,
  deep,
}: {
  readonly x: number
  readonly yAt: (value: number) => number
  readonly card: ColumnCard
  readonly wide: 74
  readonly scale: number
  readonly nails: LaminationPlan
  readonly deep: number
}) {
  return (
    <g>
      <rect
        x={x}
        y={yAt(card.lengthIn)}
        width={wide}
        height={card.lengthIn * scale}
        fill="#F1E1BF"
        stroke="var(--lumber-4)"
      />
      <Note x={x + wide / 2} y={24} size={12} weight={600} anchor="middle">
        nail template
      </Note>
      {nails.marksIn.map((markIn, i) =>
        nails.rowsIn.map((rowIn) => (
          <circle
            key={`${i}-${rowIn}`}
            cx={x + (rowIn / deep) * wide}
            cy={yAt(markIn)}
            r={3.2}
            fill={i % 2 === 0 ? 'var(--ink)' : '#F1E1BF'}
            stroke="var(--ink)"
            strokeWidth={1.4}
          />
        )),
      )}
    </g>
  )
}

/**
 * The picked column as it is built: plies side by side to scale, joints, pocket, nails on the template, and the order
 * of work.
 */
export function Build() {
  const { job, derived } = useDoc()
  const { length } = useWriter()
  const picked = useJob((state) => state.picked.post)
  const { asBuilt } = useMeasured(job, derived)
  const [ref, size] = useSize<SVGSVGElement>()
  const post = derived.posts.find((post) => post.id === picked) ?? derived.posts[0]
  const own = asBuilt.find((built) => built.id === post.id)
  const like = asBuilt
    .filter(
      (built) =>
        derived.posts.find((post) => post.id === built.id)?.kind === post.kind && built.signature === own?.signature,
    )
    .map(named)
  const card = columnCard(job.building, derived.columns[post.id], own?.footToGradeIn ?? 0, {
    posts: like.length ? like : [named(post)],
    buying: buyingOf(job),
  })
  const height = Math.max(300, (size.height || 560) - 40)
  const scale = (height - 60) / Math.max(card.lengthIn, 1)
  const yAt = (value: number) => 34 + (card.lengthIn - value) * scale
  const nails = card.nails
  return (
    <div className="position-absolute d-flex" style={{ inset: '44px 0 0', padding: '4px 12px 8px 18px', gap: 16 }}>
      <svg
        ref={ref}
        style={{ flex: '1 1 0', minWidth: 0, height: '100%' }}
        role="img"
        aria-label={`Column ${post.name}: ${counted(card.plies.length, 'ply', 'plies')}, ${length(card.lengthIn)}`}
      >
        <Materials />
        <rect x={0} y={yAt(card.gradeIn)} width={2000} height={2000} fill="url(#earth)" />
        {card.plies.map((ply, i) => {
          const x = 20 + i * 66
          return (
            <g key={ply.name}>
              {ply.pieces.map((piece) => (
                <g key={piece.fromIn}>
                  <rect
                    x={x}
                    y={yAt(piece.toIn)}
                    width={40}
                    height={(piece.toIn - piece.fromIn) * scale}
                    fill={piece.treated ? '#BFB083' : 'url(#wood)'}
                    stroke="var(--lumber-4)"
                    strokeWidth={1.4}
                  />
                  <g transform={`rotate(-90 ${x + 24} ${(yAt(piece.toIn) + yAt(piece.fromIn)) / 2})`}>
                    <Note
                      x={x + 24}
                      y={(yAt(piece.toIn) + yAt(piece.fromIn)) / 2 + 2}
                      size={14}
                      weight={700}
                      anchor="middle"
                      halo={piece.treated ? '#BFB083' : '#F1E1BF'}
                    >
                      <Length inches={piece.lengthIn} />
                    </Note>
                  </g>
                </g>
              ))}
              <Note x={x + 20} y={24} size={12} weight={600} anchor="middle">
                {ply.name}
              </Note>
              <Note x={x + 20} y={yAt(0) + 15} size={12} anchor="middle" fill="var(--ink-2)">
                crown {ply.crown}
              </Note>
            </g>
          )
        })}
        <line
          x1={6}
          x2={20 + card.plies.length * 66}
          y1={yAt(card.seatIn)}
          y2={yAt(card.seatIn)}
          stroke="var(--keel)"
          strokeWidth={2.6}
        />
        <Note x={24 + card.plies.length * 66} y={yAt(card.seatIn) + 5} size={13} weight={650} fill="var(--keel-ink)">
          seat
        </Note>
        <line x1={0} x2={2000} y1={yAt(card.gradeIn)} y2={yAt(card.gradeIn)} stroke="var(--grade)" strokeWidth={4} />
        {nails &&
          (() => {
            const x = 60 + card.plies.length * 66
            const wide = 74
            const deep = Math.max(...nails.rowsIn) + Math.min(...nails.rowsIn)
            return <PocketMark x={x} yAt={yAt} card={card} wide={wide} scale={scale} nails={nails} deep={deep} />
          })()}
      </svg>
      <div tabIndex={0} role="region" aria-label="How it is built" style={{ width: 330, overflowY: 'auto' }}>
        <h3>
          {card.label}: {card.posts.length > 1 ? `${card.posts.length} alike` : card.posts[0]?.name}
        </h3>
        <p className="note">
          {card.posts
            .slice(0, 14)
            .map(({ name }) => name)
            .join(', ')}
          {card.posts.length > 14 ? ' …' : ''}
        </p>
        {card.problems.map((problem) => (
          <div key={problem} className="caution" role="alert">
            {problem}
          </div>
        ))}
        <CardTable card={card} nails={nails} job={job} wallNames={derived.wallNames} />
        <p className="note mt-1">
          ● from this face, ○ from the other. Dark wood is treated; the foot is the treated end.
        </p>
        <ol className="note" style={{ paddingLeft: 18 }}>
          {card.steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </div>
    </div>
  )
}
