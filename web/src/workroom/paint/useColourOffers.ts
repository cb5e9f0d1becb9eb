import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo } from 'react'
import { client, data } from '../../api/client'
import type { ColourOffer } from '../../fields/ColourPanel'
import { channels } from '../../fields/contrast'
import { useRoom } from '../context'

/** The colours of plants that dye, of clay, of undyed cloth and of ink: what the application's own drawings are made in. */
const DYES = [
  '#f5f1e8',
  '#fffdf8',
  '#eadfc8',
  '#e6cf8b',
  '#c9971c',
  '#b5754f',
  '#6b4a34',
  '#a4373a',
  '#7a2629',
  '#5e7b4f',
  '#465c3b',
  '#8fa9c9',
  '#2f4b7c',
  '#22293a',
]
/** So many photos of a page are asked for their colours, and so many colours of it are offered. */
const MOST_PHOTOS = 12
const MOST = 10

/** Colours that suit what is being dressed: those of the selected photo, of the page's photos, and dyes. */
export function useColourOffers(): ColourOffer[] {
  const { page, frame } = useRoom()
  const queries = useQueryClient()
  const photos = [...new Set(page.frames.flatMap(({ photo }) => photo ?? []))]
  const asked = [...new Set([...(frame?.photo ? [frame.photo] : []), ...photos])].slice(0, MOST_PHOTOS)
  const of = (photo: string) =>
    queries.fetchQuery({
      queryKey: ['colours', photo],
      queryFn: () => data(client.GET('/api/photos/{sha256}/colours', { params: { path: { sha256: photo } } })),
      staleTime: Infinity,
      retry: false,
    })
  const known = useQuery({
    queryKey: ['colours of', asked],
    // One that cannot be had leaves the others.
    queryFn: () => Promise.all(asked.map(async (photo) => ({ photo, colours: await of(photo).catch(() => []) }))),
    staleTime: Infinity,
  }).data
  const chosen = frame?.photo
  // A slider draws the room anew with each of its steps; comparing colours anew would cost a quarter of that.
  return useMemo(() => offered(known ?? [], chosen), [known, chosen])
}

interface ColoursOfPhoto {
  photo: string
  colours: string[]
}

function offered(known: ColoursOfPhoto[], chosen: string | undefined): ColourOffer[] {
  // The most telling colour of each photo first.
  const ranked = [0, 1, 2, 3, 4].flatMap((rank) => known.flatMap(({ colours }) => colours[rank] ?? []))
  return [
    { name: 'In this photo', colours: known.find(({ photo }) => photo === chosen)?.colours ?? [] },
    { name: 'In the photos of this page', colours: apart(ranked).slice(0, MOST) },
    { name: 'Dyes', colours: DYES },
  ]
}

/** Nearer ones look the same as swatches. */
const ALIKE = 0.11

const distance = (one: string, other: string) => {
  const there = channels(other)
  return Math.hypot(...channels(one).map((value, index) => value - (there[index] ?? 0)))
}
const apart = (colours: string[]) =>
  colours.reduce<string[]>(
    (kept, colour) => (kept.some((other) => distance(other, colour) < ALIKE) ? kept : [...kept, colour]),
    [],
  )
