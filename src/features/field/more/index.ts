import { HereView, LinesView, ShortView, TempsView } from './DayViews'
import { DeliveredView } from './DeliveredView'
import { GapsView } from './GapsView'
import { InspectView } from './InspectView'
import { MoreView } from './MoreView'
import { NoteView } from './NoteView'
import { PiecesView } from './PiecesView'
import { SheetsView } from './SheetsView'
import { SpanView } from './SpanView'
import { SquareView } from './SquareView'
import { StandView } from './StandView'

/** Pages of the whole job, by their address. */
const OF_JOB = {
  more: MoreView,
  lines: LinesView,
  square: SquareView,
  inspect: InspectView,
  temps: TempsView,
  gaps: GapsView,
  span: SpanView,
  delivered: DeliveredView,
  short: ShortView,
  here: HereView,
}

/** Pages on which more is entered than rods, holes and posts: they come in one piece, after the rest. */
export const MORE = { OF_JOB, NoteView, PiecesView, SheetsView, StandView }
