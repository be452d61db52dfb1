/** What a nose finds at a heap. */
export const heapSmells = Object.freeze(['earthy', 'sour', 'ammonia'] as const);
export type HeapSmell = (typeof heapSmells)[number];

/** What beans say of a suspect stuff: curled and cupped growth is weed killer in it. */
export const beanVerdicts = Object.freeze(['sown', 'straight', 'curled'] as const);
export type BeanVerdict = (typeof beanVerdicts)[number];

/** Days until beans have told. Source: bean test: within two to three weeks. */
export const beans_days = 21;
