export interface BoxOnPage {
  x: number
  y: number
  width: number
  height: number
}

/** How a picture covers a room: how far beyond just covering it is enlarged, and which part shows (0 its start, 1 its end). */
export interface PicturePlace {
  zoom: number
  across: number
  down: number
}

const least = (box: BoxOnPage, room: BoxOnPage) => Math.max(room.width / box.width, room.height / box.height)

/** Where there is nothing to choose, the middle. */
const share = (before: number, over: number) => (over > 1 ? Math.min(1, Math.max(0, before / over)) : 0.5)

export const placeOf = (box: BoxOnPage, room: BoxOnPage): PicturePlace => ({
  zoom: 1 / least(box, room),
  across: share(room.x - box.x, box.width - room.width),
  down: share(room.y - box.y, box.height - room.height),
})

/** The box of this place, micrometres; it keeps its proportion and covers the room. */
export function placed(box: BoxOnPage, room: BoxOnPage, place: PicturePlace): BoxOnPage {
  const scale = least(box, room) * Math.max(1, place.zoom)
  const width = Math.max(room.width, Math.round(box.width * scale))
  const height = Math.max(room.height, Math.round(box.height * scale))
  return {
    x: Math.round(room.x - (width - room.width) * place.across),
    y: Math.round(room.y - (height - room.height) * place.down),
    width,
    height,
  }
}
