/** Words with their fractions stacked, as large measures are written. */
export function Stacked({ text }: { readonly text: string }) {
  const parts = text.split(/(\d+\/\d+)/)
  if (parts.length === 1) return <span className="m">{text}</span>
  return (
    <span className="m">
      <span className="unseen">{text}</span>
      <span aria-hidden>
        {parts.map((part, k) => {
          const [over, under] = part.split('/')
          if (k % 2 === 0) return part.replace(/\u00a0$/, '')
          return (
            <span className="fr" key={k}>
              <i>{over}</i>
              <i>{under}</i>
            </span>
          )
        })}
      </span>
    </span>
  )
}
