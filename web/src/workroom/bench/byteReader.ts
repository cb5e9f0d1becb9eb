/** Bytes of a stream, in portions of the size that is asked for, however the stream is cut. */
export class ByteReader {
  private readonly reader: ReadableStreamDefaultReader<Uint8Array>
  private chunk: Uint8Array = new Uint8Array()
  private at = 0

  constructor(stream: ReadableStream<Uint8Array>) {
    this.reader = stream.getReader()
  }

  /**
   * Fills all of it.
   *
   * @param mayEnd whether the stream may end before its first byte
   * @returns false if the stream has ended there
   */
  async fill(into: Uint8Array | Uint8ClampedArray, mayEnd = false): Promise<boolean> {
    for (let filled = 0; filled < into.length;) {
      if (this.at === this.chunk.length) {
        const { done, value } = await this.reader.read()
        if (done && mayEnd && filled === 0) return false
        if (done) throw new Error('The answer was cut short.')
        this.chunk = value
        this.at = 0
      }
      const count = Math.min(into.length - filled, this.chunk.length - this.at)
      into.set(this.chunk.subarray(this.at, this.at + count), filled)
      this.at += count
      filled += count
    }
    return true
  }
}
