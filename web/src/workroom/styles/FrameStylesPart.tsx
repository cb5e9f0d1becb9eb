import { CopyPlus, Trash2 } from 'lucide-react'
import { useState } from 'react'
import type { Band, FrameStyle, StyleDifference } from '../../api/client'
import { TakenField } from '../../fields/TakenField'
import { useNotice } from '../../ui/Notices'
import { Button, IconButton } from '../../ui/Button'
import { useRoom } from '../context'
import { differing, effectOf, freeName, usualStyle } from '../piece/styles'
import { LightField } from '../slip/dress/LightField'
import { Part } from '../slip/Part'
import { useTrial } from '../useTrial'
import { StyleFields } from './StyleFields'
import { LibraryLine } from './LibraryLine'
import { StyleCards } from './StyleCards'
import { StyleChooser } from './StyleChooser'

/** The piece's frame styles: which there are, and how the chosen one looks on all that wear it. */
export function FrameStylesPart() {
  const { stored, page, storedPage, handle } = useRoom()
  const notice = useNotice()
  const { show, set, about, aboutOthers } = useTrial()
  const [chosen, setChosen] = useState<string>()
  const { styles, format } = stored
  const usual = usualStyle(styles)
  const style = styles.frames.find(({ id }) => id === chosen) ?? usual
  const others = aboutOthers(['bandWidth', 'cornerRadius'])
  const several = styles.frames.length > 1
  const differ = page.frames.filter((frame) => frame.style.style === style.id && frame.style.differences.length > 0)
  const photos = storedPage.frames.filter(({ entry }) => entry)
  const now = (id: string, change: (style: FrameStyle) => FrameStyle) =>
    set(({ stored }) => {
      const found = stored.styles.frames.find((one) => one.id === id)
      return found ? { kind: 'setFrameStyle', style: change(found) } : null
    })
  const lit =
    effectOf(style, 'shadow')?.strength ||
    effectOf(style, 'innerShadow')?.strength ||
    style.bands.some(({ bevel }) => bevel > 0)
  const wearers = ({ id }: FrameStyle) => {
    const count = photos.filter((frame) => frame.style.style === id).length
    return id === usual.id ? `new frames; ${count} here` : `${count} on this page`
  }
  const another = async () => {
    const made = { ...style, id: crypto.randomUUID(), name: freeName(style.name, styles) }
    if (await handle.edit({ kind: 'setFrameStyle', style: made })) return
    setChosen(made.id)
    notice(`“${made.name}” is a style of its own now. Select frames and put it on, or put it on all.`)
  }
  return (
    <Part
      title={several ? 'Frame styles' : 'Frames'}
      aside={
        <div className="flex">
          <IconButton name="Another style like this one" onClick={() => void another()}>
            <CopyPlus size={17} />
          </IconButton>
          {several && (
            <IconButton
              name={`Delete the style ${style.name}`}
              onClick={() => void handle.edit({ kind: 'removeFrameStyle', style: style.id })}
            >
              <Trash2 size={17} />
            </IconButton>
          )}
        </div>
      }
    >
      <StyleChooser frames={[]} like={photos[0]} />
      {several && (
        <>
          <StyleCards
            label="Frame styles"
            styles={styles.frames}
            frameId={photos[0]?.id}
            pressed={({ id }) => id === style.id}
            note={wearers}
            onPick={({ id }) => setChosen(id)}
          />
          <TakenField
            key={style.id}
            label="Name"
            value={style.name}
            onTake={async (name) =>
              name === style.name
                ? undefined
                : (await handle.edit({ kind: 'setFrameStyle', style: { ...style, name } }, { quiet: true }))?.message
            }
          />
          <Button
            className="w-full"
            onClick={() => void handle.edit({ kind: 'wearEverywhere', style: style.id })}
            title="On all pages, without what single frames differ in; new frames wear it, too"
          >
            <span className="truncate">Put “{style.name}” on all frames</span>
          </Button>
        </>
      )}
      <StyleFields
        key={`fields of ${style.id}`}
        style={style}
        format={format}
        wrong={about}
        onPreview={(difference: StyleDifference) =>
          show({ kind: 'setFrameStyle', style: differing(style, difference) })
        }
        onCommit={(difference: StyleDifference) => now(style.id, (found) => differing(found, difference))}
        onBands={(bands: Band[]) => now(style.id, (found) => ({ ...found, bands }))}
      />
      {others && <p role="alert">{others}</p>}
      {lit && <LightField />}
      <LibraryLine style={style} />
      {differ.length > 0 && (
        <p className="text-[13px] leading-4 text-soft">
          {differ.length === 1 ? 'One frame on this page differs' : `${differ.length} frames on this page differ`} in
          what {differ.length === 1 ? 'its own slip shows' : 'their own slips show'}; the rest of the look follows.
        </p>
      )}
    </Part>
  )
}
