import { describe, expect, it } from 'vitest'
import { putFollowedTogether, takeFollowedApart } from './followed'

describe('amounts that follow from what is there', () => {
  it.each([
    'at break',
    'at in-jog-1',
    'as cut.depth+4',
    'from A',
    'size±2',
    'size of table:left hand+1±3',
    'letters of A',
    'value of K-2',
    'a third±4',
    'a half+1',
  ])('%s is put together as it was taken apart', (text) => {
    expect(putFollowedTogether(takeFollowedApart(text)!)).toBe(text)
  })

  it('reads other ways of writing', () => {
    expect(putFollowedTogether(takeFollowedApart('at the break + 1')!)).toBe('at break+1')
    expect(putFollowedTogether(takeFollowedApart('at break − 2 +- 1')!)).toBe('at break-2±1')
  })

  it.each(['26', '15-37', 'any', 'rest', 'at', 'as', 'soon', 'letters of'])('%s is none', (text) => {
    expect(takeFollowedApart(text)).toBeUndefined()
  })
})
