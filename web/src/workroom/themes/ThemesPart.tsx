import { Trash2 } from 'lucide-react'
import { lookPicture, type StyleSheet, type Theme } from '../../api/client'
import { NameToKeep } from '../../fields/NameToKeep'
import { Wrong } from '../../fields/Wrong'
import { IconButton } from '../../ui/Button'
import { useRoom } from '../context'
import { Part } from '../slip/Part'
import { useTrials } from '../useTrials'
import { useTryOut } from '../useTryOut'
import { useThemes } from './useThemes'

/** As many pixels across as a page is shown with. */
const PICTURE_PX = 132

/** Whether the piece looks like it already, as far as what is common to all pages tells. */
function isWorn({ frame, ground, text }: Theme, { frames, grounds, captions }: StyleSheet) {
  const letters = captions.typeface === text.typeface && captions.colour === text.colour
  return (
    frames[0]?.id === frame.id && letters && !grounds.left && JSON.stringify(grounds.usual) === JSON.stringify(ground)
  )
}

const wearing = (theme: Theme) => ({ kind: 'wearTheme' as const, theme })

/** Looks of the whole piece to choose from, each on the page that is seen; the bench shows one while it is looked at. */
export function ThemesPart() {
  return (
    <Part title="A look for the whole piece" folded>
      <p className="text-[13px] leading-4 text-soft">
        Frames, ground, letters and colours of all pages. Sizes and places stay as they are.
      </p>
      <Themes />
    </Part>
  )
}

function Themes() {
  const { kept, shipped, wrong, keep, remove } = useThemes()
  return (
    <>
      {wrong && <Wrong>{wrong}</Wrong>}
      {kept.length > 0 && <Cards title="Kept by you" themes={kept} onRemove={(theme) => void remove(theme)} />}
      <Cards title="Come with Wovenset" themes={shipped} />
      <NameToKeep label="Keep how this piece looks" onKeep={keep} />
    </>
  )
}

interface CardsProps {
  title: string
  themes: Theme[]
  onRemove?: (theme: Theme) => void
}

function Cards({ title, themes, onRemove }: CardsProps) {
  const { stored, storedPage, handle } = useRoom()
  const looks = useTrials(themes.map(wearing))
  const trying = useTryOut<Theme>((theme) => handle.preview(theme && wearing(theme)))
  const { width, height } = stored.format
  return (
    <section aria-label={title}>
      <h4 className="pb-1 text-[13px] text-soft">{title}</h4>
      <ul className="grid grid-cols-2 gap-2">
        {themes.map((theme, index) => (
          <li key={theme.id} className="relative">
            <button
              type="button"
              aria-pressed={isWorn(theme, stored.styles)}
              {...trying(theme.id, theme)}
              onClick={() => void handle.edit(wearing(theme))}
              className={`block w-full border bg-paper p-1 text-left ${isWorn(theme, stored.styles) ? 'border-woad bg-wash outline-1 outline-woad' : 'border-line hover:border-woad'}`}
            >
              <span
                className="mx-auto block max-h-36 max-w-full bg-mat"
                style={{ aspectRatio: `${width} / ${height}` }}
              >
                {looks[index] && (
                  <img
                    alt=""
                    src={lookPicture(
                      stored.id,
                      storedPage.id,
                      looks[index],
                      PICTURE_PX * (window.devicePixelRatio || 1),
                    )}
                    className="size-full"
                  />
                )}
              </span>
              <span className="block truncate px-0.5 pt-1 text-[13px] leading-4 font-semibold">{theme.name}</span>
            </button>
            {onRemove && (
              <IconButton
                name={`Forget ${theme.name}`}
                className="absolute right-0.5 bottom-0.5 size-6! bg-paper"
                onClick={() => onRemove(theme)}
              >
                <Trash2 size={14} />
              </IconButton>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
