// npm run -s pocket -- NAME | --list | --batch : the figures of the trade, one by one.
import { FIGURE_CATALOG, figureList } from '@/formats/pocket'
import { runAnswers } from './lib/answers'

runAnswers('pocket', FIGURE_CATALOG, figureList)
