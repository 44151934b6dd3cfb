export {
  BAG_YIELD_FT3,
  bagsFor,
  byStock,
  GRAVEL_LOOSE,
  HOLE_WASTE,
  holeVolumes,
  postAreaFt2,
  STOCK_IN,
  stockFor,
} from './takeoff'
export type { BagLb, HoleVolumes } from './takeoff'
export { boardItem, PRICE_LIST, priceBook } from './prices'
export type { PriceRow, Prices } from './prices'
export {
  concreteOrder,
  looseSpoilFt3,
  SPOIL_SWELL,
  TUB_FT3,
  type ConcreteOrder,
  type ConcreteSettings,
} from './concrete'
