import { beforeEach, expect, test, vi } from 'vitest'
import type { PageScene } from '../../api/client'
import { spriteFetcher } from './spriteFetcher'
import { spritePlace } from './spritePlace'
import type { Sprite } from './spriteStore'

/** What is asked of the server by itself: each is answered at once. */
const asked = vi.hoisted(() => [] as string[])
vi.mock('./spriteStore', async (original) => ({
  ...(await original<typeof import('./spriteStore')>()),
  fetchSprites: (
    { pixelsPerMm }: { pixelsPerMm: number },
    places: { name: string }[],
    take: (place: unknown, sprite: string) => void,
  ) => {
    places.forEach((place) => {
      asked.push(`${place.name} at ${pixelsPerMm}`)
      take(place, 'unreadable')
    })
    return Promise.resolve()
  },
}))

const scene = (...names: string[]) =>
  ({
    pageId: 'page',
    units: names.map((name) => ({ itemId: name, name, x: 3.3, y: 1, ink: { x: 0, y: 0, width: 9, height: 9 } })),
  }) as unknown as PageScene

const drawn = { data: [], width: 1, height: 1 } as unknown as Sprite
const now = () => {
  const of = spriteFetcher.asked('piece', 'page')
  if (!of) throw new Error('the page is not on the bench')
  return of
}
const first = ({ units: [unit] }: PageScene, pixelsPerMm: number) => {
  if (!unit) throw new Error('there is nothing on the page')
  return spritePlace(unit, pixelsPerMm)
}
const come = (changed: PageScene, of: ReturnType<typeof now>) =>
  spriteFetcher.coming(changed, of, (take) => Promise.resolve(take(drawn)))

beforeEach(() => {
  vi.useFakeTimers()
  asked.length = 0
})

test('on a dense screen a change comes as a draft, and its picture once it rests', async () => {
  spriteFetcher.want('piece', scene('one', 'two'), { pixelsPerMm: 8, drafts: true })
  await vi.runAllTimersAsync()
  expect(asked.splice(0)).toEqual(['one at 8', 'two at 8'])
  for (const look of ['lighter', 'lighter still']) {
    const of = now()
    expect(of.scale).toBe(4)
    // The other frame stays as it is: no draft of it is needed.
    expect(of.known.some((key) => key.startsWith('two '))).toBe(true)
    const changed = scene(look, 'two')
    const place = first(changed, 8)
    await come(changed, of)
    spriteFetcher.want('piece', changed, { pixelsPerMm: 8, drafts: true })
    expect(spriteFetcher.get(place.draft, 4)).toBe(drawn)
    expect(spriteFetcher.get(place, 8)).toBeUndefined()
    await vi.advanceTimersByTimeAsync(100)
    expect(asked).toEqual([])
  }
  await vi.advanceTimersByTimeAsync(100)
  expect(asked).toEqual(['lighter still at 8'])
})

test('on a usual screen a change comes as the picture itself', async () => {
  spriteFetcher.want('piece', scene('one'), { pixelsPerMm: 4, drafts: false })
  await vi.runAllTimersAsync()
  asked.length = 0
  const of = now()
  expect(of.scale).toBe(4)
  const changed = scene('darker')
  await come(changed, of)
  spriteFetcher.want('piece', changed, { pixelsPerMm: 4, drafts: false })
  await vi.runAllTimersAsync()
  expect(spriteFetcher.get(first(changed, 4), 4)).toBe(drawn)
  expect(asked).toEqual([])
})

test('another page is asked for at once, even while a change comes to rest', async () => {
  spriteFetcher.want('piece', scene('one'), { pixelsPerMm: 8, drafts: true })
  await vi.runAllTimersAsync()
  await come(scene('darkest'), now())
  asked.length = 0
  spriteFetcher.want('piece', scene('of another page'), { pixelsPerMm: 8, drafts: true })
  await vi.advanceTimersByTimeAsync(1)
  expect(asked).toEqual(['of another page at 8'])
})
