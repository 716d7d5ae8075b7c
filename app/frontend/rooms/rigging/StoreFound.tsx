import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

import { Link } from 'react-router'
import { Selection } from '../../api/client'

import { RungBar } from '../../ladder/RungBar'
import { COLOUR, WORD } from '../../ladder/verdict'
import { Heading } from '../../ui/Row'

import { Figure, Sentence } from '../../api/ladder.generated'
import { plain, Rejected, ToBuy } from './StoreRest'

// What of the store can serve, what cannot and why, what to hire or buy.
export function StoreFound({
  found,
  shown,
  take,
  wanted,
  setWanted,
  rejected,
}: {
  found: Selection | undefined
  shown: (figure: Figure | Sentence | null | undefined) => string
  take: (changes: Record<string, unknown>, note: string) => void
  wanted: string
  setWanted: (text: string) => void
  rejected: { number: string; kind: string; size: string; reasons: string[] }[]
}) {
  return (
    <>
      {found && (
        <>
          <Box data-need sx={{ fontFamily: 'var(--figures)', typography: 'field' }}>
            Asked of each of {found.need.legs}{' '}
            {found.need.hitch === 'vertical' ? 'straight' : found.need.hitch}{' '}
            {found.need.legs === 1 ? 'leg' : 'legs'}: <strong>{shown(found.need.tension)}</strong> at worst
            {found.need.length && <>, {shown(found.need.length)} long</>}
            {found.need.on
              ? `, examined and in date on ${found.need.on}`
              : ', dates not looked at: the day of the lift is not given'}
            .
            {found.need.assumed && ' No slings are chosen yet: round slings stand in for how the legs share.'}
          </Box>
          <Heading aside={`${found.choices.length} shown, best first`}>Can serve</Heading>
          {found.choices.length === 0 && (
            <Box>Nothing in the store can serve. What speaks against each piece stands below.</Box>
          )}
          <div className="choices">
            {found.choices.map((one) => (
              <div key={one.numbers.join()} className="choice" data-choice={one.numbers.join(' ')}>
                <RungBar
                  verdict={one.rigging}
                  share={one.utilisation.value}
                  width={70}
                  height={12}
                  stiles
                  plain
                />
                <div>
                  <strong>{one.numbers.join(', ')}</strong>
                  <span className="small">
                    {plain(one.kind)}, {one.size}, reach {shown(one.reach)}
                  </span>
                </div>
                <div>
                  {one.reasons.map((reason) => shown(reason)).join('; ')}
                  {one.flattest && `; may stand as flat as ${shown(one.flattest)} from horizontal`}
                </div>
                <div style={{ color: COLOUR[one.rigging], fontWeight: 600 }}>
                  rigging {WORD[one.rigging]}
                  <span className="small" style={{ color: COLOUR[one.verdict] }}>
                    ladder: {shown(one.headline)}
                  </span>
                </div>
                <Button
                  variant="outlined"
                  sx={{ minHeight: 44 }}
                  aria-label={`Take ${one.numbers.join(', ')}`}
                  onClick={() => take(one.changes, `${one.numbers.join(', ')} from the store`)}
                >
                  Take
                </Button>
              </div>
            ))}
          </div>
          {(found.spread || found.buy.length > 0) && (
            <Heading aside="sizes that are commonly to be had; the tag of the piece that comes decides">
              To hire or buy
            </Heading>
          )}
          {found.buy.length > 0 && <ToBuy found={found} />}
          <Rejected found={found} rejected={rejected} wanted={wanted} setWanted={setWanted} />
          <Box sx={{ mt: 2 }}>
            <Button component={Link} to="/store" variant="outlined">
              To the gear store
            </Button>
          </Box>
        </>
      )}
    </>
  )
}
