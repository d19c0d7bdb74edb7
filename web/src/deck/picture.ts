/** What a stylesheet says of a drawing; the picture has to carry it itself. */
const STYLES = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-opacity',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'visibility',
  'display',
]

/** Twice as many dots as on the screen, to be printed. */
const SCALE = 2

/** A drawing as a file of its own, on the paper that it stands on. */
export function svgOf(drawn: SVGSVGElement): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement
  const from = [drawn, ...drawn.querySelectorAll<SVGElement>('*')]
  const to = [copy, ...copy.querySelectorAll<SVGElement>('*')]
  from.forEach((element, i) => {
    const style = getComputedStyle(element)
    for (const name of STYLES) {
      const value = style.getPropertyValue(name)
      if (value) {
        to[i]!.setAttribute(name, value)
      }
    }
    to[i]!.removeAttribute('class')
    to[i]!.removeAttribute('style')
  })
  const { width, height } = drawn.getBoundingClientRect()
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', String(Math.round(width)))
  copy.setAttribute('height', String(Math.round(height)))
  const paper = document.createElementNS('http://www.w3.org/2000/svg', 'rect')
  paper.setAttribute('width', '100%')
  paper.setAttribute('height', '100%')
  paper.setAttribute('fill', getComputedStyle(document.documentElement).backgroundColor)
  copy.prepend(paper)
  return new XMLSerializer().serializeToString(copy)
}

/** The same as dots. */
export async function pngOf(drawn: SVGSVGElement): Promise<Blob> {
  const { width, height } = drawn.getBoundingClientRect()
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgOf(drawn))}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width * SCALE
  canvas.height = height * SCALE
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('the picture is empty'))), 'image/png'),
  )
}
