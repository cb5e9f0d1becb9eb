import { Download, Trash2, Upload } from 'lucide-react'
import { useState } from 'react'
import type { Edit, FrameStyle } from '../../api/client'
import { Wrong } from '../../fields/Wrong'
import { Button, IconButton } from '../../ui/Button'
import { FileButton } from '../../ui/FileButton'
import { useRoom } from '../context'
import { OverBench } from '../OverBench'
import type { Frame } from '../piece/model'
import { StyleCards } from './StyleCards'
import { useStyleLibrary } from './useStyleLibrary'

/** So many styles of the piece stand above the fields of what is selected; more are asked for. */
const MOST_AT_HAND = 6

interface Props {
  /** What is dressed; all frames of the piece if there are none. */
  frames: Frame[]
  /** The frame that styles are shown on. */
  like: Frame | undefined
}

/** All styles at hand: the piece's, those of the library, those that ship; large over the bench, or in the slip and tried on it. */
export function StyleChooser({ frames, like }: Props) {
  const { stored, storedPage, handle } = useRoom()
  const library = useStyleLibrary()
  const [shown, setShown] = useState<'no' | 'large' | 'small'>('no')
  const own = stored.styles.frames
  const others = (styles: FrameStyle[], ...known: FrameStyle[][]) =>
    styles.filter(({ id }) => !known.flat().some((one) => one.id === id))
  const ofPiece = 'In this piece'
  const groups: [string, FrameStyle[]][] = [
    [ofPiece, own],
    ['From the library', others(library.kept, own)],
    ['Come with Wovenset', others(library.shipped, own, library.kept)],
  ]
  const ids = frames.map(({ id }) => id)
  const edit = (style: FrameStyle): Edit =>
    ids.length > 0 ? { kind: 'dressFrames', pageId: storedPage.id, frameIds: ids, style } : { kind: 'dressAll', style }
  const dressed = ids.length > 0 ? storedPage.frames.filter(({ id }) => ids.includes(id)) : storedPage.frames
  const worn = ({ id }: FrameStyle) => {
    const photos = dressed.filter(({ forPhotos, box }) => forPhotos || (ids.length > 0 && box))
    return photos.length > 0 && photos.every(({ style }) => style.style === id)
  }
  const large = shown === 'large'
  const pick = (style: FrameStyle) => {
    void handle.edit(edit(style))
    if (large) setShown('no')
  }
  const doings = (style: FrameStyle) => (
    <>
      <a
        href={`/api/styles/${style.id}/file`}
        download
        aria-label={`Save ${style.name} as a file`}
        title="Save as a file"
        className="flex size-6 items-center justify-center hover:bg-wash"
      >
        <Download size={14} />
      </a>
      <IconButton
        name={`Take ${style.name} out of the library`}
        className="size-6!"
        onClick={() => void library.remove(style)}
      >
        <Trash2 size={14} />
      </IconButton>
    </>
  )
  const cards = (title: string, styles: FrameStyle[]) => (
    <StyleCards
      label={title}
      styles={styles}
      frameId={like?.id}
      large={large}
      pressed={worn}
      note={(style) => (worn(style) ? 'worn' : 'put on')}
      onPick={pick}
      onTry={large ? undefined : (style) => handle.preview(style && edit(style))}
      beside={(style) => library.kept.some(({ id }) => id === style.id) && doings(style)}
    />
  )
  // The few styles of the piece are at hand for what is selected.
  const atHand = ids.length > 0 && own.length > 1 && own.length <= MOST_AT_HAND && !large
  const list = (
    <div className="space-y-3">
      {library.wrong && <Wrong>{library.wrong}</Wrong>}
      {groups.map(
        ([title, styles]) =>
          styles.length > 0 &&
          !(atHand && title === ofPiece) && (
            <section key={title} aria-label={title}>
              <h4 className="pb-1 text-[13px] text-soft">{title}</h4>
              {cards(title, styles)}
            </section>
          ),
      )}
      <FileButton name="Style file" accept=".json,application/json" onFile={(chosen) => void library.bring(chosen)}>
        <Upload size={16} /> Bring one in from a file
      </FileButton>
    </div>
  )
  const whom = ids.length === 0 ? 'all frames' : ids.length === 1 ? 'this frame' : 'these frames'
  return (
    <div className="space-y-2">
      {atHand && cards('Style worn', own)}
      <Button
        className="w-full"
        aria-expanded={shown !== 'no'}
        onClick={() => setShown(shown === 'no' ? 'large' : 'no')}
      >
        {shown === 'small' ? 'Put the styles away' : `A style for ${whom} …`}
      </Button>
      {shown === 'small' && list}
      {large && (
        <OverBench title={`A style for ${whom}`} onClose={() => setShown('no')}>
          <p className="pb-3">
            <Button onClick={() => setShown('small')}>Try them on the page instead</Button>
          </p>
          {list}
        </OverBench>
      )}
    </div>
  )
}
