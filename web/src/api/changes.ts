/** A piece was changed by some window, or word may have been missed and what is shown should be looked at again. */
type Change = { kind: 'changed'; piece: string; revision: number; window?: string } | { kind: 'missed' }
type Listener = (change: Change) => void

const PATH = '/api/events'
const NAME = 'wovenset-changes'

/**
 * Word of changes for all tabs of a browser over one stream: a browser opens six connections to a host, and a stream for
 * each tab would leave none for edits. The tab that holds the lock listens and tells the others; when it is closed, the
 * lock goes to the next. Without locks, which plain addresses in a network do not have, a tab listens while it is seen.
 */
class Changes {
  private readonly listeners = new Set<Listener>()
  private started = false

  listen(listener: Listener): () => void {
    this.listeners.add(listener)
    if (!this.started) {
      this.started = true
      if ('locks' in navigator && 'BroadcastChannel' in window) this.share()
      else this.whileSeen()
    }
    return () => void this.listeners.delete(listener)
  }

  private tell = (change: Change) => this.listeners.forEach((listener) => listener(change))

  private share() {
    const channel = new BroadcastChannel(NAME)
    channel.onmessage = ({ data }: MessageEvent<Change>) => this.tell(data)
    const both = (change: Change) => {
      channel.postMessage(change)
      this.tell(change)
    }
    // Held until the tab is closed: the promise never settles.
    void navigator.locks.request(NAME, () => {
      open(both)
      return new Promise<never>(() => undefined)
    })
  }

  private whileSeen() {
    let stream: EventSource | undefined
    const follow = () => {
      if (document.visibilityState === 'visible') stream ??= open(this.tell)
      else {
        stream?.close()
        stream = undefined
      }
    }
    document.addEventListener('visibilitychange', follow)
    follow()
  }
}

/** Each opening may come after a gap: the first of a new leader, and those after the server was away. */
function open(tell: Listener): EventSource {
  const stream = new EventSource(PATH)
  stream.addEventListener('open', () => tell({ kind: 'missed' }))
  stream.addEventListener('changed', ({ data }: MessageEvent<string>) =>
    tell({ kind: 'changed', ...(JSON.parse(data) as { piece: string; revision: number; window?: string }) }),
  )
  return stream
}

const changes = new Changes()

export const onChange = (listener: Listener) => changes.listen(listener)
