import createCache from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import { useState, type ReactNode } from 'react'

const nonce = () => document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content

// Styles that are put in as the screens need them, with the page's nonce: none other is let in.
export function Styles({ children }: { children: ReactNode }) {
  const [cache] = useState(() => createCache({ key: 'css', nonce: nonce() }))
  return <CacheProvider value={cache}>{children}</CacheProvider>
}
