/** The drawing as a file of its own: colours filled in, no style of the page needed. */
export function svgText(svg: SVGSVGElement, title: string, description: readonly string[]): string {
  const styles = getComputedStyle(document.documentElement)
  const copy = svg.cloneNode(true) as SVGSVGElement
  for (const handle of copy.querySelectorAll('[data-handle]')) handle.parentElement?.remove()
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.removeAttribute('class')
  copy.removeAttribute('style')
  const { width, height } = svg.viewBox.baseVal
  // One millimetre of the car is one unit of the file; at this size it prints at one to five.
  copy.setAttribute('width', `${width / 5}mm`)
  copy.setAttribute('height', `${height / 5}mm`)
  copy.setAttribute('font-family', 'sans-serif')
  const head = document.createElementNS('http://www.w3.org/2000/svg', 'title')
  head.textContent = title
  const words = document.createElementNS('http://www.w3.org/2000/svg', 'desc')
  words.textContent = description.join(' ')
  copy.prepend(head, words)
  for (const mark of copy.querySelectorAll('[class^="text-"]')) {
    const name = /text-(\w+)/.exec(mark.getAttribute('class') ?? '')?.[1] ?? 'ink'
    mark.setAttribute('color', styles.getPropertyValue(name === 'ink-soft' ? '--ink-soft' : `--${name}`).trim())
    mark.removeAttribute('class')
  }
  return copy.outerHTML.replaceAll(/var\((--[\w-]+)\)/g, (_, name: string) => styles.getPropertyValue(name).trim())
}
