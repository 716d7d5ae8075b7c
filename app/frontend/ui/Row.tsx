import './parts.css'
import type { ReactNode } from 'react'

export const Row = ({ children, columns }: { children: ReactNode; columns: string }) => (
  <div className="row" style={{ gridTemplateColumns: columns }}>
    {children}
  </div>
)

export const Heading = ({ children, aside }: { children: ReactNode; aside?: ReactNode }) => (
  <div className="heading">
    <h3>{children}</h3>
    {aside && <span>{aside}</span>}
  </div>
)
