// Works out what a line of arithmetic says, so that tests can hold it against the value beside it.

const POWERS: Readonly<Record<string, number>> = {
  '²': 2,
  '³': 3,
  '⁴': 4,
  '^⅓': 1 / 3,
  '^1.5': 1.5,
  '^0.6': 0.6,
  '^0.75': 0.75,
}
const TOKEN =
  /\s*(\d+(?:\.\d+)?(?:e[+-]?\d+)?|\^⅓|\^[\d.]+|\^|[²³⁴]|[+−\-×·/÷(),√π°]|max|min|sin|cos|tan|acos|asin|ln|exp|[A-Za-z″′%][^\s()]*)/y

const ANGLE: Readonly<Record<string, (radians: number) => number>> = {
  sin: (angle) => Math.sin(angle),
  cos: (angle) => Math.cos(angle),
  tan: (angle) => Math.tan(angle),
}
const OF_NUMBERS: Readonly<Record<string, (...numbers: number[]) => number>> = {
  max: (...numbers) => Math.max(...numbers),
  min: (...numbers) => Math.min(...numbers),
  acos: (number) => Math.acos(number),
  asin: (number) => Math.asin(number),
  ln: (number) => Math.log(number),
  exp: (number) => Math.exp(number),
}

/**
 * The value of written arithmetic, or null where it is not arithmetic (words, nothing). Angles in sin, cos and tan are
 * in degrees when marked °.
 */
export function evaluate(text: string): number | null {
  const tokens: string[] = []
  TOKEN.lastIndex = 0
  const end = text.trimEnd().length
  while (TOKEN.lastIndex < end) {
    const match = TOKEN.exec(text)
    if (!match) return null
    tokens.push(match[1])
  }
  let i = 0
  const take = (t: string) => tokens[i] === t && ++i > 0
  const need = (t: string) => {
    if (!take(t)) throw new Error(t)
  }
  const sum = (): number => {
    let v = product()
    for (;;) {
      if (take('+')) v += product()
      else if (take('−') || take('-')) v -= product()
      else return v
    }
  }
  const product = (): number => {
    let v = power()
    for (;;) {
      if (take('×') || take('·')) v *= power()
      else if (take('/') || take('÷')) v /= power()
      else return v
    }
  }
  const power = (): number => {
    let v = atom()
    for (;;) {
      if (tokens[i] in POWERS) v **= POWERS[tokens[i++]]
      else if (take('^')) v **= atom()
      else return v
    }
  }
  const args = (): number[] => {
    need('(')
    const out = [sum()]
    while (take(',')) out.push(sum())
    need(')')
    return out
  }
  const angle = (f: (x: number) => number): number => {
    need('(')
    const v = sum()
    const deg = take('°')
    need(')')
    return f(deg ? (v * Math.PI) / 180 : v)
  }
  const atom = (): number => {
    const token = tokens[i++]
    if (token === '−' || token === '-') return -power()
    if (token === '(') {
      const v = sum()
      need(')')
      return v
    }
    if (token === '√') return Math.sqrt(atom())
    if (token === 'π') return Math.PI
    if (token !== undefined && token in ANGLE) return angle(ANGLE[token])
    if (token !== undefined && token in OF_NUMBERS) return OF_NUMBERS[token](...args())
    if (token === undefined || !/^\d/.test(token)) throw new Error('not a number')
    return Number(token)
  }
  try {
    const v = sum()
    return i === tokens.length && Number.isFinite(v) ? v : null
  } catch {
    return null
  }
}
