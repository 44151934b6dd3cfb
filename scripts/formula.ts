// npm run -s formula -- NAME | --list | --batch : the load and strength formulas that the judge uses, by name.
import highs from 'highs'
import type { LpSolver } from '@/core/columns'
import { formulaCatalog, formulaList } from '@/formats/formulas'
import { runAnswers } from './lib/answers'

void (highs as unknown as () => Promise<LpSolver>)().then((solver) =>
  runAnswers('formula', formulaCatalog(solver), formulaList),
)
