// What looks at the whole plan and offers a change of it.
export type RiggingDialog =
  'proposals' | 'store' | 'store_above' | 'list' | 'level' | 'schools' | 'cranes' | 'rules'

export const DIALOG_TITLES: Record<RiggingDialog, string> = {
  proposals: 'Ways to hold it',
  store: 'Pick from the store: legs',
  store_above: 'Pick from the store: above the beam',
  list: 'Rigging list',
  level: 'Make it hang level',
  schools: 'Rule sets side by side',
  cranes: 'Cranes side by side',
  rules: 'Newer rules',
}

// Those that a plan's menu offers, in its words.
export const MENU_DIALOGS: [RiggingDialog, string][] = [
  ['proposals', 'Ways to hold it'],
  ['store', 'Pick from the store'],
  ['list', 'Rigging list'],
  ['level', 'Make it hang level'],
  ['schools', 'Rule sets side by side'],
  ['cranes', 'Cranes side by side'],
  ['rules', 'Newer rules'],
]
