import { useEffect } from 'react'

// What the browser calls the page.
export const useTitle = (words: string) =>
  useEffect(() => {
    document.title = `${words} · Dust Ladder`
  }, [words])
