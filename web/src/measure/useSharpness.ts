import { useQuery } from '@tanstack/react-query'
import { client, data } from '../api/client'

/** From how many pixels per inch on a photo is called sharp, and below how many too soft. */
export function useSharpness() {
  return useQuery({ queryKey: ['sharpness'], queryFn: () => data(client.GET('/api/settings/sharpness')) }).data
}
