import { t } from '@/words'
import type { Catalogue, Out } from '@/api/client'

/** When an out is taken, in a few words: what they insist on, or what they say when it is something else. */
export function outLabel(out: Out, catalogue: Catalogue): string {
  if (out.occasion === 'other' && out.says.trim()) {
    return out.says.trim()
  }
  const occasion = catalogue.occasions.find((o) => o.name === out.occasion)
  return t('routine.outLabel.if', { occasion: occasion?.label ?? out.occasion })
}
