/** An id from a name, unlike those taken: "The bay’s own" becomes "the-bay-s-own", then "the-bay-s-own-2". */
export function idFrom(name: string, taken: readonly string[]): string {
  const base =
    name
      .normalize('NFD')
      .replace(/[\u0300-\u036f]/g, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 50) || 'new'
  for (let n = 1; ; n += 1) {
    const id = n === 1 ? base : `${base}-${n}`
    if (!taken.includes(id)) return id
  }
}
