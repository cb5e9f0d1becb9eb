import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react'
import { useState } from 'react'
import { Button } from '../ui/Button'
import { lettersAct, setLettersAct } from '../fields/typing'

const KEYS: [string, [string, string][]][] = [
  [
    'Anywhere',
    [
      ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
      ['Page Up, Page Down', 'the page before, the page after'],
      ['Alt and an arrow', 'on a photo of the tray or the light table: move it in the order'],
      ['F6, Shift F6', 'round slip, bench, tray and run'],
    ],
  ],
  [
    'On the bench',
    [
      ['1 to 5', 'Gather, Arrange, Dress, Check, Make'],
      ['Z, Shift Z, 0', 'look closer, from farther, at all of the page'],
      ['Ctrl and the wheel', 'the same, about the pointer; the wheel alone moves the page'],
      ['Space held', 'the page bare'],
      ['O', 'all pages at once'],
      ['?', 'this list'],
    ],
  ],
  [
    'On a frame',
    [
      ['Tab', 'the next frame in reading order'],
      ['Arrows', 'move the photo in its frame, or a free frame, by 1 mm (Shift 10 mm, Alt 0.1 mm)'],
      ['+ and −', 'zoom'],
      ['[ and ]', 'turn by a degree'],
      ['Ctrl and an arrow', 'swap with the neighbour on that side'],
      ['Enter', 'crop on the page, or write; Enter again ends it'],
      ['F2', 'write the words below it, or in it'],
      ['Delete', 'empty the frame; again, take it away'],
      ['T', 'take it out of the arrangement, or give it back'],
      ['W', 'one photo through these frames, or let a window go'],
      ['P', 'pin the photo, so that ordering by colour leaves it'],
      ['Shift and a click', 'take hold of several'],
      ['A', 'take hold of all with the same border'],
      ['U, Shift U', 'pick up its look, put on the look that was picked up'],
    ],
  ],
  [
    'Free frames',
    [
      ['F', 'draw a frame; with Shift from its middle'],
      ['Ctrl A', 'take hold of all'],
      ['Ctrl C, Ctrl X, Ctrl V', 'copy, cut, put in the same place'],
      ['Ctrl D', 'duplicate along the row'],
      ['G, Shift G', 'group, ungroup'],
      ['L', 'lock, unlock'],
      ['Alt while dragging', 'set to nothing; Shift keeps it level or upright'],
    ],
  ],
  [
    'In a field',
    [
      ['Up, Down', 'a step more, a step less (Shift ten steps)'],
      ['Enter, Escape', 'take it, leave it as it was; in a caption Enter goes to the next'],
      ['Escape, Ctrl Enter', 'leave words that are written on the page; they stay'],
    ],
  ],
  ['In the run, on the light table', [['Alt and an arrow', 'move the page or the photo along']]],
]

/** All keys of the workroom in one place. */
export function KeyList({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-[#22293a]/45" />
      <div className="fixed inset-0 flex items-center justify-center p-6">
        <DialogPanel className="max-h-full w-[36rem] overflow-y-auto border border-line bg-linen p-6 shadow-xl">
          <DialogTitle className="mb-2 text-lg font-semibold">Keys</DialogTitle>
          {KEYS.map(([place, keys]) => (
            <section key={place} className="border-t border-line py-2">
              <h3 className="mb-1 font-semibold">{place}</h3>
              <dl className="grid grid-cols-[11rem_1fr] gap-y-0.5">
                {keys.map(([key, what]) => (
                  <div key={key} className="contents">
                    <dt className="font-semibold text-woad">{key}</dt>
                    <dd>{what}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
          <div className="mt-2 flex items-center justify-between">
            <LettersSwitch />
            <Button look="primary" onClick={onClose}>
              Close
            </Button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  )
}

function LettersSwitch() {
  const [act, setAct] = useState(lettersAct)
  return (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        className="size-4 accent-woad"
        checked={act}
        onChange={(event) => {
          setLettersAct(event.target.checked)
          setAct(event.target.checked)
        }}
      />
      Single letters and figures are keys on the bench
    </label>
  )
}
