import type { Trace } from '@/api/client'
import { t } from '@/words'

/** How much of the order of the cards is settled, in a line: “3 stated, 49 in any order”. */
export function statedWords(cards: Trace['cards']): string {
  const open = cards.filter((card) => card.stated !== 'placed').length
  return open === 0
    ? t('bench.stated.all', { cards: cards.length })
    : open === cards.length
      ? t('bench.stated.none', { cards: cards.length })
      : t('bench.stated.some', { stated: cards.length - open, open })
}
