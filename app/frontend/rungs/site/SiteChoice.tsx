import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api } from '../../api/client'
import { refusal } from '../../api/wire'
import { siteOf, takingSite } from '../../plan/stand'
import type { Editor } from '../../plan/usePlanEditor'
import { ChoiceField } from '../../ui/ChoiceField'

// Which site the lift takes place on: its rungs are then worked out from it, not answered by word.
export function SiteChoice({ editor }: { editor: Editor }) {
  const sites = useQuery({ queryKey: ['sites'], queryFn: api.sites, staleTime: 0 })
  const [fault, setFault] = useState<string | null>(null)
  const own = siteOf(editor.document)
  const id = editor.document.site_document ?? ''
  const kept = sites.data?.find((site) => site.identifier === id)
  const take = async (identifier: string) => {
    setFault(null)
    if (!identifier) return editor.change({ '/site_document': null }, 'off the site, by word')
    const line = sites.data?.find((site) => site.identifier === identifier)
    if (!line) return
    try {
      editor.change(takingSite(editor.document, await api.site(line.id)), `on ${line.title}`)
    } catch (error) {
      setFault(refusal(error))
    }
  }
  const choices: [string, string][] = [
    ['', 'no site: answered by word'],
    ...(sites.data ?? []).map((site): [string, string] => [site.identifier, site.title]),
  ]
  if (id && !kept) choices.push([id, own?.title ?? id])
  return (
    <>
      <ChoiceField
        id="field-site_document"
        label="Site that the crane stands on"
        note="site that the crane stands on"
        value={id}
        choices={choices}
        onChoose={(chosen) => void take(chosen)}
      />
      {sites.isError && (
        <div className="small">
          The list of sites could not be read. It is asked for again when this panel opens.
        </div>
      )}
      {fault && (
        <div className="small" role="alert">
          {fault}
        </div>
      )}
      {kept && own && kept.version !== own.version && (
        <Button variant="outlined" fullWidth onClick={() => void take(kept.identifier)}>
          {`Take version ${kept.version} of the site`}
        </Button>
      )}
      {own && (
        <div className="small">
          {`Version ${own.version}. `}
          {kept && <Link to={`/sites/${kept.id}`}>Look at the site</Link>}
        </div>
      )}
    </>
  )
}
