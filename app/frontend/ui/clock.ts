// The time of the day alone, by this device's clock.
export const clock = (at: string | number) =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
