/** The text, cut to at most so many letters (as the server counts them), never within a character of several. */
export function cut(text: string, most: number): string {
  let end = 0
  for (const { index, segment } of new Intl.Segmenter().segment(text)) {
    if (index + segment.length <= most) {
      end = index + segment.length
    }
  }
  return text.slice(0, end)
}
