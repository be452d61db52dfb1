export { asks, inOrder, judge, keyOf, onceEach } from './caution';
export type { Caution, Facts, Found, Rule, Weight } from './caution';
