import type { StyleSheet } from '../../api/client'

type Language = StyleSheet['language']

/** The languages that words can be in, by their own names. */
export const LANGUAGES: Record<Language, string> = {
  DANISH: 'dansk',
  GERMAN: 'Deutsch',
  ENGLISH: 'English',
  SPANISH: 'español',
  FRENCH: 'français',
  ITALIAN: 'italiano',
  DUTCH: 'Nederlands',
  NORWEGIAN: 'norsk',
  POLISH: 'polski',
  PORTUGUESE: 'português',
  SWEDISH: 'svenska',
}

const TAGS: Record<Language, string> = {
  DANISH: 'da',
  GERMAN: 'de',
  ENGLISH: 'en-GB',
  SPANISH: 'es',
  FRENCH: 'fr',
  ITALIAN: 'it',
  DUTCH: 'nl',
  NORWEGIAN: 'nb',
  POLISH: 'pl',
  PORTUGUESE: 'pt',
  SWEDISH: 'sv',
}

/** For fields where words of the piece are written: the browser checks their spelling in its language. */
export const spelled = ({ language }: StyleSheet) => ({ lang: TAGS[language], spellCheck: true })
