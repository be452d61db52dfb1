export { capacity, depthAtVolume, sectionAt, spanAt, volumeAtDepth, wettedArea } from './shape';
export type { Shape } from './shape';
