// What a label's code says: the bare code, or an address that ends in it.
export const codeIn = (text: string) =>
  text
    .trim()
    .replace(/[?#].*$/, '')
    .replace(/\/+$/, '')
    .split('/')
    .pop()!

// A code as people read it, in two parts.
export const spaced = (code: string | null) => (code ?? '').replace(/^(.{3})(?=.)/, '$1 ')
