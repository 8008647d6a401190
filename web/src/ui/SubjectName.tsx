/** A label with its number low, as on paper: R₂₃. */
export function SubjectName({ id }: { id: string }) {
  const match = /^([A-Z]+)([0-9]+)$/.exec(id)
  if (!match) return <>{id}</>
  return (
    <span>
      <i>{match[1]}</i>
      <sub style={{ fontSize: '0.72em', lineHeight: 0 }}>{match[2]}</sub>
    </span>
  )
}
