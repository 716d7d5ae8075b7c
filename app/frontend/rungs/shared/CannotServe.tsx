// Pieces of the store that cannot serve, each with why.
export function CannotServe({
  words,
  pieces,
}: {
  words: string
  pieces: { number: string; size: string; reasons: string[] }[]
}) {
  if (pieces.length === 0) return null
  return (
    <details className="rejected">
      <summary>{words}</summary>
      {pieces.map(({ number, size, reasons }) => (
        <div key={number} className="small">
          <strong>{number}</strong>
          {` ${[size, reasons.join('; ')].filter(Boolean).join(': ')}`}
        </div>
      ))}
    </details>
  )
}
