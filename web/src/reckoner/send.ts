import type { InjectionKey } from 'vue'
import type { Sent } from './sent'

/** Provided by the view: asks which routine an answer is to go to. */
export const SEND: InjectionKey<(sent: Sent) => void> = Symbol('send')
