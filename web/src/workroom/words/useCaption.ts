import type { Problem } from '../../api/client'
import { useRoom } from '../context'
import type { Frame } from '../piece/model'

/** Takes the words below a frame: those of its photo, wherever it shows, or its own. */
export function useCaption(frame: Frame) {
  const { page, handle } = useRoom()
  const own = frame.words.kind === 'own'
  const setOwn = (text: string | null): Promise<Problem | null> =>
    handle.edit(
      {
        kind: 'patchItems',
        pageId: page.id,
        itemIds: [frame.id],
        change: { kind: 'setWords', words: text === null ? { kind: 'ofEntry' } : { kind: 'own', text } },
      },
      { quiet: true },
    )
  const take = async (text: string): Promise<Problem | null> => {
    if (text.trim() === frame.caption) return null
    return own || !frame.entry
      ? setOwn(text)
      : handle.edit({ kind: 'captionEntry', entryId: frame.entry, caption: text }, { quiet: true })
  }
  return { own, setOwn, take }
}

/** The frame after this one below which words can be written. */
export const nextCaption = (frames: Frame[], frameId: string): Frame | undefined =>
  frames.slice(frames.findIndex(({ id }) => id === frameId) + 1).find(({ entry }) => entry)
