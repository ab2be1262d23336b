/** A sentence of a message file, whole: what stands between two stars is told with emphasis. */
export function Told({ text }: { readonly text: string }) {
  return <>{text.split('**').map((part, i) => (i % 2 === 0 ? part : <b key={i}>{part}</b>))}</>
}
