/**
 * Works something out once for each document: documents are never changed in
 * place. Whatever lies beside the document must come from it.
 */
export function oncePer<K extends object, V>(make: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { readonly value: V }>()
  return (key) => {
    const hit = known.get(key)
    if (hit) return hit.value
    const value = make(key)
    known.set(key, { value })
    return value
  }
}
