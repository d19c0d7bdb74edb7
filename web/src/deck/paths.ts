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
    `M${r(x)} ${r(y)}C${r(x)} ${r(middle)} ${r(left)} ${r(middle)} ${r(left)} ${r(toY)}` +
    `L${r(right)} ${r(toY)}C${r(right)} ${r(middle)} ${r(x + width)} ${r(middle)} ${r(x + width)} ${r(y)}Z`
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
      path += `M${r(point.x)} ${r(point.y)}L${r(point.x)} ${r(point.y + slotHeight)}`
    }
    last = point
  }
  return path
}

function r(value: number): number {
  return Math.round(value * 10) / 10
}
