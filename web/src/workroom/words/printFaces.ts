import { useEffect } from 'react'
import type { TextStyle } from '../../api/client'

const asked = new Set<string>()

/** The name by which the browser knows a typeface as it is printed. */
export const familyOf = (typeface: string) => `"${typeface} in print"`

/** Brings the file that a face is printed with, so that what is typed looks as it will. Until it is there, another stands in. */
export function usePrintFace(
  typeface: string,
  weight: TextStyle['weight'] = 'REGULAR',
  slant: TextStyle['slant'] = 'UPRIGHT',
) {
  useEffect(() => {
    const path = `/api/measure/typefaces/${encodeURIComponent(typeface)}/${weight}/${slant}`
    if (asked.has(path)) return
    asked.add(path)
    const face = new FontFace(`${typeface} in print`, `url("${path}")`, {
      weight: weight === 'BOLD' ? '700' : '400',
      style: slant === 'ITALIC' ? 'italic' : 'normal',
    })
    document.fonts.add(face)
    face.load().catch(() => asked.delete(path))
  }, [typeface, weight, slant])
}
