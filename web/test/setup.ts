import 'fake-indexeddb/auto'
import { TextDecoder as NodeTextDecoder, TextEncoder as NodeTextEncoder } from 'node:util'
import '@testing-library/jest-dom'
// What it takes down after every test it does for whoever was there when it was loaded: here, for all.
import '@testing-library/react'

// jsdom leaves it out, and the router reads it when it is loaded.
if (!('TextEncoder' in globalThis))
  Object.assign(globalThis, { TextEncoder: NodeTextEncoder, TextDecoder: NodeTextDecoder })

// jsdom has none of it. Plain documents are copied, as the browser would; what is not plain is kept as it is.
globalThis.structuredClone ??= <T>(x: T): T => {
  const plain: unknown = JSON.parse(JSON.stringify(x ?? null))
  return (x instanceof Object && 'picture' in x ? x : x === undefined ? undefined : plain) as T
}

// What lists and dialogs ask of a browser to be placed, and jsdom lays nothing out.
Element.prototype.scrollIntoView ??= () => undefined
Element.prototype.hasPointerCapture ??= () => false
globalThis.ResizeObserver ??= class {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

// The test's browser has no time line to mark.
performance.mark ??= () => ({}) as PerformanceMark

// The test's browser has no window to ask: a mouse, a light room, any width.
window.matchMedia ??= () =>
  ({
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }) as unknown as MediaQueryList
