import { useQuery } from '@tanstack/react-query'
import { Ruler } from 'lucide-react'
import { client, data } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { leveled, toLevel } from '../../piece/cropMath'
import type { Frame } from '../../piece/model'
import { useCrop } from '../../useCrop'

/** Degrees: less than that nobody sees. */
const LEAST = 0.3

/** Turns a photo so that its own lines lie level and upright; nothing where they do not say how, or where they do. */
export function LevelButton({ frame }: { frame: Frame }) {
  const changeCrop = useCrop(frame.id)
  const { photo } = frame
  const tilt = useQuery({
    queryKey: ['tilt', photo],
    queryFn: () => data(client.GET('/api/photos/{sha256}/tilt', { params: { path: { sha256: photo ?? '' } } })),
    enabled: photo !== undefined,
    staleTime: Infinity,
    retry: false,
  })
  const degrees = tilt.data?.degrees
  if (degrees === undefined) return null
  const off = Number(Math.abs(toLevel(frame.crop, degrees)).toFixed(1))
  if (off < LEAST) return null
  return (
    <Button
      className="w-full"
      title="By the lines in the photo itself"
      onClick={() => changeCrop((now) => leveled(now, degrees))}
    >
      <Ruler size={16} /> Level it, by {off.toLocaleString('en')}°
    </Button>
  )
}
