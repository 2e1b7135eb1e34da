export { customsSchema, placeSchema, DEFAULT_CUSTOMS } from './customs';
export type { Customs } from './customs';
