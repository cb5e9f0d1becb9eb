import { useQuery } from '@tanstack/react-query'
import { client, data, type Ornament } from '../../api/client'
import type { Frame } from '../piece/model'

/** The ornaments that ship; none until they are known. */
export const useOrnaments = (): Ornament[] =>
  useQuery({
    queryKey: ['ornaments'],
    queryFn: () => data(client.GET('/api/ornaments')),
    staleTime: Infinity,
  }).data ?? []

/** What an ornament is called: its name in words. */
export const ornamentName = (drawing: string) => drawing.charAt(0) + drawing.slice(1).toLowerCase().replaceAll('_', ' ')

/** What a frame without a photo shows, in a word or two. */
export const contentName = ({ ornament, outline, text, box, rule }: Frame) =>
  ornament
    ? ornamentName(ornament.drawing) + (text?.text ? `, ${text.text}` : '')
    : text
      ? text.text || 'words'
      : outline.kind === 'ringed'
        ? ornamentName(outline.ring)
        : rule
          ? 'line'
          : box
            ? 'box'
            : 'empty'
