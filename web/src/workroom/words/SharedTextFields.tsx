import { Trash2 } from 'lucide-react'
import type { SharedText } from '../../api/client'
import { Choice } from '../../fields/Choice'
import { NameToKeep } from '../../fields/NameToKeep'
import { Button, IconButton } from '../../ui/Button'
import { useRoom } from '../context'
import type { Frame } from '../piece/model'
import type { useTrial } from '../useTrial'

interface Props {
  /** As it is stored. */
  kept: Frame
  /** All that has words of what is selected. */
  ids: string[]
  trial: ReturnType<typeof useTrial>
}

const NONE = 'none'
const same = (a: SharedText['style'], b: SharedText['style']) => JSON.stringify(a) === JSON.stringify(b)

/** The style that these words share with others: which, in what they differ, changing it for all, making one of them. */
export function SharedTextFields({ kept, ids, trial }: Props) {
  const { stored, storedPage, handle } = useRoom()
  const { texts } = stored.styles
  const here = { pageId: storedPage.id, itemIds: ids }
  const followed = texts.find(({ id }) => id === kept.text?.shared)
  const style = kept.text?.style
  if (!style) return null
  const differs = followed && !same(followed.style, style)
  const keep = async (name: string) => {
    const problem = await handle.edit({ kind: 'shareText', ...here, style: crypto.randomUUID(), name }, { quiet: true })
    return problem?.message
  }
  return (
    <div role="group" aria-label="Style that they share" className="space-y-2">
      {texts.length > 0 && (
        <div className="flex items-end gap-1">
          <div className="min-w-0 flex-1">
            <Choice<string>
              label="Set like"
              options={{
                ...(!followed && { [NONE]: 'no others' }),
                ...Object.fromEntries(texts.map(({ id, name }) => [id, name])),
              }}
              value={followed?.id ?? NONE}
              onChange={(id) => id !== NONE && trial.set({ kind: 'followText', ...here, style: id })}
            />
          </div>
          {followed && (
            <IconButton
              name={`Take away the style “${followed.name}”; words stay as they look`}
              onClick={() => trial.set({ kind: 'removeText', style: followed.id })}
            >
              <Trash2 size={16} />
            </IconButton>
          )}
        </div>
      )}
      {followed && differs && (
        <div className="grid grid-cols-2 gap-2">
          <Button
            className="px-1! text-[13px]"
            onClick={() => trial.set({ kind: 'setText', text: { ...followed, style } })}
          >
            All like this
          </Button>
          <Button
            className="px-1! text-[13px]"
            onClick={() => trial.set({ kind: 'followText', ...here, style: followed.id })}
          >
            Put it back
          </Button>
        </div>
      )}
      {!followed && <NameToKeep label="A style that others can share" onKeep={keep} />}
    </div>
  )
}
