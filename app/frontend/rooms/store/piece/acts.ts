// Acts after which it hangs somewhere else.
export const PUT = ['give_back', 'quarantine', 'release', 'find', 'scrap']

// How each act is offered, and what is to be known before it is done.
export const ACTS: Record<string, { title: string; says: string }> = {
  hand_out: { title: 'Hand out', says: 'Only what may be used today goes out.' },
  give_back: {
    title: 'Take back',
    says: 'Look at it before it goes on its rack: what is found now quarantines it at once.',
  },
  quarantine: {
    title: 'Quarantine',
    says: 'Nobody can choose it then; the plans that rest on it are looked at again at once.',
  },
  release: {
    title: 'Put back in use',
    says: 'Only after a whole look, or an examination, that found it sound.',
  },
  lose: { title: 'Set down as lost', says: 'Nobody can choose it then.' },
  find: { title: 'Found again', says: 'It waits in quarantine until somebody looked at it.' },
  scrap: {
    title: 'Scrap',
    says: 'It never comes back. Cut it, so that nobody lifts with it by mistake.',
  },
}
