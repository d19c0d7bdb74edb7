import { config } from '@vue/test-utils'
import { configure } from '@testing-library/vue'
import { words } from './index'

// Components find their words in tests as they do in the page.
config.global.plugins = [words]
// What is waited for comes at once on a quiet machine, and late on a busy one.
configure({ asyncUtilTimeout: Number(process.env['CRAFTY_WAIT'] ?? 15_000) })
