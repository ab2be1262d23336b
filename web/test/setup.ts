import { TextDecoder as NodeTextDecoder, TextEncoder as NodeTextEncoder } from 'node:util'
import '@testing-library/jest-dom'

// jsdom leaves it out, and the router reads it when it is loaded.
if (!('TextEncoder' in globalThis))
  Object.assign(globalThis, { TextEncoder: NodeTextEncoder, TextDecoder: NodeTextDecoder })
