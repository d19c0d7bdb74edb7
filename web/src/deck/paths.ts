import { t } from '@/words'
/* The ways of blocks and cards from one moment to the next, as SVG paths. */

/** A block's way: straight sides that bend in the middle; a turned block crosses over itself. */
export function ribbonPath(
  x: number,
  toX: number,
  width: number,
  toWidth: number,
  y: number,
  toY: number,
  turned: boolean,
): string {
  const middle = (y + toY) / 2
  const left = turned ? toX + toWidth : toX
  const right = turned ? toX : toX + toWidth
  return (
    t('deck.paths.mC', { x: r(x), y: r(y), middle: r(middle), left: r(left), toY: r(toY) }) +
    t('deck.paths.lCZ', { right: r(right), toY: r(toY), middle: r(middle), r: r(x + width), y: r(y) })
  )
}

export function threadPath(points: ({ x: number; y: number } | undefined)[], slotHeight: number): string {
  let path = ''
  let last: { x: number; y: number } | undefined
  for (const point of points) {
    if (point && last) {
      const from = last.y + slotHeight
      const middle = (from + point.y) / 2
      path += `C${r(last.x)} ${r(middle)} ${r(point.x)} ${r(middle)} ${r(point.x)} ${r(point.y)}`
      path += `L${r(point.x)} ${r(point.y + slotHeight)}`
    } else if (point) {
      path += t('deck.paths.mL', { x: r(point.x), y: r(point.y), r: r(point.y + slotHeight) })
    }
    last = point
  }
  return path
}

function r(value: number): number {
  return Math.round(value * 10) / 10
}
