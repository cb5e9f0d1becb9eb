let wanted: string | undefined

/** The frame whose caption is gone on to: its field takes the focus when it is there. */
export const wantCaption = (frameId: string) => {
  wanted = frameId
}

/** Whether this is the one; asked once. */
export const isCaptionWanted = (frameId: string): boolean => {
  const is = wanted === frameId
  if (is) wanted = undefined
  return is
}
