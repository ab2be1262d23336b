import { DRAWING_HEIGHT, DRAWING_WIDTH, type Drawing, type Ground, type Shape } from './drawing.ts'

/** The colour of each tone on one ground: CSS colours, or variables of a page. */
export type Palette = Readonly<Record<Ground, string>>

/** Light ground, for paper. Colours of guides are their own, dark enough to be seen on white. */
const PAPER: Palette = {
  now: '#97165f',
  thing: '#12304d',
  faint: '#8aa2b3',
  child: '#3d566d',
  belt: '#12304d',
  good: '#15603b',
  bad: '#a11d16',
  sheet: '#ffffff',
  shoal: '#eef5f8',
  buff: '#f4ead0',
  blue: '#1d4f9c',
  red: '#a11d16',
  green: '#15603b',
  yellow: '#8a6a00',
  orange: '#a04a00',
  white: '#ffffff',
  grey: '#5b6770',
  black: '#111111',
}

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c)

/** One element of the document. */
function tag(name: string, attributes: Readonly<Record<string, string | number>>, inside = ''): string {
  const list = Object.entries(attributes).map(([key, value]) => ` ${key}="${value}"`)
  return `<${name}${list.join('')}>${inside}</${name}>`
}

function shapeSvg(shape: Shape, palette: Palette): string {
  if (shape.kind === 'word') {
    const { x, y, text, tone, anchor } = shape
    const look = { fill: palette[tone], stroke: 'none', 'font-size': 12, 'font-weight': 700 }
    return tag('text', { x, y, 'text-anchor': anchor, ...look }, escaped(text))
  }
  const { d, tone, width, isDashed, ground } = shape
  return tag('path', {
    d,
    stroke: palette[tone],
    'stroke-width': width,
    fill: ground === undefined ? 'none' : palette[ground],
    ...(isDashed === true && { 'stroke-dasharray': '5,4' }),
  })
}

/** A drawing as an SVG document, for the PDF. */
export const svgOf = ({ shapes, says }: Drawing, palette: Palette = PAPER): string =>
  tag(
    'svg',
    {
      xmlns: 'http://www.w3.org/2000/svg',
      viewBox: [0, 0, DRAWING_WIDTH, DRAWING_HEIGHT].join(' '),
      fill: 'none',
      'stroke-linecap': 'round',
      'stroke-linejoin': 'round',
    },
    tag('title', {}, escaped(says)) + shapes.map((shape) => shapeSvg(shape, palette)).join(''),
  )
