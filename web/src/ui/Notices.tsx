import { createContext, type ReactNode, useCallback, useContext, useMemo, useRef, useState } from 'react'
import { X } from 'lucide-react'
import { useLocation } from 'react-router'

type Tone = 'plain' | 'wrong'
interface Notice {
  key: number
  text: string
  tone: Tone
  action?: { name: string; run: () => void }
  /** It takes the place of the last one of the same name. */
  instead?: string
}
type Show = (text: string, options?: { tone?: Tone; action?: Notice['action']; instead?: string }) => void

const Context = createContext<Show>(() => undefined)
const PLAIN_MS = 7000

export const useNotice = () => useContext(Context)

/** Short words about what just happened, at the bottom; what went wrong stays until it is closed. */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([])
  const next = useRef(0)
  const { pathname } = useLocation()
  const place = pathname.split('/').slice(0, 3).join('/')
  // What can be undone here cannot be undone elsewhere.
  const [said, setSaid] = useState(place)
  if (said !== place) {
    setSaid(place)
    setNotices((all) => all.filter(({ action, tone }) => !action && tone === 'wrong'))
  }
  const close = useCallback((key: number) => setNotices((all) => all.filter((notice) => notice.key !== key)), [])
  const show = useCallback<Show>(
    (text, options) => {
      const key = next.current++
      const notice: Notice = {
        key,
        text,
        tone: options?.tone ?? 'plain',
        action: options?.action,
        instead: options?.instead,
      }
      setNotices((all) => [
        ...all
          .filter((other) => other.text !== text && (!notice.instead || other.instead !== notice.instead))
          .slice(-2),
        notice,
      ])
      if (notice.tone === 'plain') window.setTimeout(() => close(key), PLAIN_MS)
    },
    [close],
  )
  return (
    <Context.Provider value={useMemo(() => show, [show])}>
      {children}
      <div
        className="pointer-events-none fixed inset-x-0 bottom-4 z-50 flex flex-col items-center gap-2"
        aria-live="polite"
      >
        {notices.map((notice) => (
          <div
            key={notice.key}
            role={notice.tone === 'wrong' ? 'alert' : 'status'}
            className={`pointer-events-auto flex max-w-xl items-center gap-3 border bg-paper px-4 py-2 shadow-md ${notice.tone === 'wrong' ? 'border-l-4 border-madder' : 'border-line'}`}
          >
            <span>{notice.text}</span>
            {notice.action && (
              <button
                className="font-semibold whitespace-nowrap text-woad underline"
                onClick={() => {
                  notice.action?.run()
                  close(notice.key)
                }}
              >
                {notice.action.name}
              </button>
            )}
            <button aria-label="Close this message" onClick={() => close(notice.key)}>
              <X size={16} />
            </button>
          </div>
        ))}
      </div>
    </Context.Provider>
  )
}
