import { config } from '@vue/test-utils'
import { allWords, words } from './index'

// Components find their words in tests as they do in the page.
config.global.plugins = [words]
await allWords()
