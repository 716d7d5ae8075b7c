// Where this browser keeps something of this house. Numbers of plans, sites and charts begin at 1 in every
// database: what was typed for a plan of another house is never shown in this one's.
export const placeIn = (name: string) =>
  `dust-ladder-${document.querySelector<HTMLMetaElement>('meta[name="house"]')?.content ?? ''}-${name}`
