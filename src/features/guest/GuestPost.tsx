import type { PostAsBuilt } from '@/core/field'
import type { Building, Fieldwork } from '@/core/model'
import { footUnreadText, RAISE_CAUTION, STANDING_NOTE, type WallNames } from '@/formats/words'
import { dayWords, Measure } from '@/ui'
import { Big, CutPlan, OwnMarks } from '../field'

/** What a guest reads of one post. */
interface Read {
  readonly job: string
  readonly revision: number
  readonly until: string
  readonly built: PostAsBuilt | null
  readonly wallNames: WallNames
  readonly boardEdge: Fieldwork['boardEdge']
  readonly school: Building['school']
  readonly digIn: number | null
  readonly dugIn: number | null
}

/** How deep its hole was dug, or is to be while nobody has said. */
function Hole({ digIn, dugIn }: Pick<Read, 'digIn' | 'dugIn'>) {
  if (!digIn) return null
  if (dugIn !== null)
    return (
      <>
        {' '}
        Its hole was dug <Measure inches={dugIn} /> deep.
      </>
    )
  return (
    <>
      {' '}
      Its hole is to be <Measure inches={digIn} /> deep.
    </>
  )
}

/** The post's numbers as they stand now. */
function Numbers({ built, wallNames, boardEdge, school, digIn, dugIn }: Read & { readonly built: PostAsBuilt }) {
  return (
    <>
      <CutPlan built={built} />
      <p className="fnote">{built.cutIn === null ? 'It is to be cut' : 'It was cut at'}</p>
      <Big inches={built.cutIn ?? built.needIn} feet words={false} />
      <p className="fnote">
        Its seat is <Measure inches={built.seatIn} /> from the foot.
        <Hole digIn={digIn} dugIn={dugIn} />
      </p>
      {built.fit && built.fit.kind !== 'fits' && (
        <div className="fwarn" role="alert">
          <b>{built.fit.say}</b>
        </div>
      )}
      {!built.measured && (
        <p className="fnote">
          {footUnreadText(built)} They are from its {school === 'pier' ? 'bracket' : 'pad'}.
        </p>
      )}
      <h2>Marks from its own bottom</h2>
      <OwnMarks built={built} wallNames={wallNames} />
      <p className="fnote">Girt marks are the {boardEdge} of the board.</p>
    </>
  )
}

/** One post for a guest: to be read, until a day; it leads nowhere and takes nothing. */
export function GuestPost(read: Read) {
  const { job, revision, until, built } = read
  return (
    <div className="field bare">
      <main className="fmain">
        <div className="fbar">
          <h1>{built ? `Post ${built.name}` : 'No such post now'}</h1>
        </div>
        <p className="fnote">
          {job}, plan revision {revision}, as it stands now. A guest’s card: to be read, until {dayWords(until)}.
        </p>
        {built ? (
          <Numbers {...read} built={built} />
        ) : (
          <p>The plan has this post no more. Ask the office for another card.</p>
        )}
        <div className="caution">{RAISE_CAUTION}</div>
        <p className="fnote">{STANDING_NOTE}</p>
      </main>
    </div>
  )
}

/** What an address shows that opens nothing: never made, taken back, or past its day. */
export function NoGuest() {
  return (
    <div className="field bare">
      <main className="fmain">
        <div className="fbar">
          <h1>This card opens nothing</h1>
        </div>
        <p>Its day is past, or the office has taken it back. Ask there for another one.</p>
      </main>
    </div>
  )
}
