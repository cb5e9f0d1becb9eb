/** The five stations of a piece's route, in the usual order of the work; all are open at any time. */
export const STATIONS = [
  { station: 'gather', name: 'Gather' },
  { station: 'arrange', name: 'Arrange' },
  { station: 'dress', name: 'Dress' },
  { station: 'check', name: 'Check' },
  { station: 'make', name: 'Make' },
] as const

export type Station = (typeof STATIONS)[number]['station']

export const stationOf = (told: string | undefined): Station =>
  STATIONS.find(({ station }) => station === told)?.station ?? 'arrange'
