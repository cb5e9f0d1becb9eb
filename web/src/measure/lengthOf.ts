import { client, data } from '../api/client'
import type { UnitFormat } from './units'

/** The micrometres that a text comes to: a length in any unit, or a sum of lengths. */
export async function lengthOf(text: string, format: UnitFormat): Promise<number> {
  const query = { text, unit: format.unit, ppi: format.resolution }
  return (await data(client.GET('/api/measure/length', { params: { query } }))).length
}
